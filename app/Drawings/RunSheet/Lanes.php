<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

use App\Domain\RunSheet\FilterMoment;
use App\Domain\RunSheet\WrittenSheet;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** The run sheet below the ribbon, on its scale: what is about the same stands in one lane. */
final readonly class Lanes
{
    /**
     * @param list<Lane> $lanes
     * @param int $beginS of the axis, seconds since 1970
     */
    private function __construct(public array $lanes, public int $beginS, public int $endS) {}

    /** Cues, with turns and duties in the lanes of groups, crew and stations. */
    public static function of(WrittenSheet $sheet, RotaEntries $rota, LaneStack $stack): self
    {
        $entries = array_fill_keys([__('Safety'), __('Sky'), __('Groups'), __('Crew')], []);
        foreach (FilterMoment::allOf($sheet->filterCues, $sheet->clock) as $moment) {
            $entries[__('Safety')][] = new LaneEntry($moment->at, $moment->at, what: '', id: $moment->id, kind: 'filters', label: $moment->name, time: $moment->time);
        }
        foreach ($sheet->cues as $p) {
            if ($p->begins !== null && $p->ends !== null) {
                $entries[self::lane($p->cue->kind)][] = new LaneEntry($p->begins, $p->ends, what: 'cue', id: $p->cue->id, kind: $p->cue->kind->value, label: $p->cue->name, time: $sheet->clock->minute($p->begins), offsetS: $p->cue->offsetS, durationS: $p->cue->durationS, isFaulty: self::isFaulty($p));
            }
        }
        array_push($entries[__('Groups')], ...$rota->turns(isNamed: true));
        array_push($entries[__('Crew')], ...$rota->posts(isNamed: true));
        $stations = $rota->stations();

        return self::stacked($entries + ($stations === [] ? [] : [__('Stations') => $stations]), $stack);
    }

    /** The turns at each station. */
    public static function ofStations(RotaEntries $rota, LaneStack $stack): self
    {
        return self::stacked($rota->turnsByStation(), $stack);
    }

    /** Where somebody is missing, and the duties of each helper. */
    public static function ofHelpers(RotaEntries $rota, LaneStack $stack): self
    {
        $gaps = $rota->gaps();

        return self::stacked(($gaps === [] ? [] : [__('Missing') => $gaps]) + $rota->postsByHelper(), $stack);
    }

    /** @param array<string, list<LaneEntry>> $entries by the name of their lane */
    private static function stacked(array $entries, LaneStack $stack): self
    {
        return new self(array_map($stack->lane(...), array_map(strval(...), array_keys($entries)), array_values($entries)), (int) $stack->begin->format('U'), (int) $stack->end->format('U'));
    }

    private static function lane(CueKind $kind): string
    {
        return match ($kind) {
            CueKind::Safety => __('Safety'),
            CueKind::Call, CueKind::Look => __('Sky'),
            CueKind::Brief, CueKind::Move => __('Groups'),
            CueKind::Measure, CueKind::Pack => __('Crew'),
        };
    }

    private static function isFaulty(PlacedCue $placed): bool
    {
        return array_filter($placed->notes, static fn(CueNote $note): bool => $note !== CueNote::Frozen) !== [];
    }
}
