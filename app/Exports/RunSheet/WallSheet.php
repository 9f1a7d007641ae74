<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\RunSheet\FilterMoment;
use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Domain\RunSheet\WrittenStint;
use App\Exports\PlainPdf;
use App\Text\Clock;
use App\Text\CueWords;
use App\Text\Days;
use App\Text\FilterWords;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** A run sheet for the wall, as PDF, in black on white. */
final class WallSheet
{
    public static function pdf(WrittenSheet $sheet, ?WrittenRota $rota, WallPaper $paper): string
    {
        $clock = $sheet->clock;

        return PlainPdf::of(view('runsheet.wall', [
            'event' => $sheet->event,
            'day' => Days::full($sheet->here->local($sheet->here->circumstances->maximum->time())),
            'zone' => $clock->zone(),
            'caution' => FilterWords::caution($sheet->filters, $clock),
            'letterPt' => $paper->letterPt(),
            'rows' => array_map(static fn(PlacedCue|FilterMoment $line): array => self::row($line, $clock), $sheet->lines()),
            'people' => array_filter([__('Turns') => self::people($rota->turns ?? [], $clock), __('Crew') => self::people($rota->duties ?? [], $clock)], static fn(array $rows): bool => $rows !== []),
        ])->render(), $paper->value);
    }

    /**
     * @param list<WrittenStint> $stints
     *
     * @return list<array{time: string, who: string, where: string}>
     */
    private static function people(array $stints, Clock $clock): array
    {
        return array_map(static fn(WrittenStint $s): array => ['time' => $clock->span($s->from, $s->to), 'who' => $s->who, 'where' => implode(', ', array_filter([$s->station, $s->place], static fn(string $text): bool => $text !== ''))], $stints);
    }

    /** @return array{time: string, name: string, kind: string, call: string, crew: string, who: string, notes: list<string>, isFilters: bool} */
    private static function row(PlacedCue|FilterMoment $line, Clock $clock): array
    {
        if ($line instanceof FilterMoment) {
            return ['time' => $line->time, 'name' => $line->name, 'kind' => CueWords::kind(CueKind::Safety), 'call' => '', 'crew' => '', 'who' => '', 'notes' => [], 'isFilters' => true];
        }

        return [
            'time' => $line->begins === null ? '—' : CueWords::time($line->cue->kind, $line->begins, $clock),
            'name' => $line->cue->name,
            'kind' => CueWords::about($line->cue),
            'call' => $line->cue->call,
            'crew' => $line->cue->crew,
            'who' => implode(', ', array_filter([$line->cue->who, $line->cue->where], static fn(string $text): bool => $text !== '')),
            'notes' => array_map(static fn($note): string => CueWords::note($note, $line, $clock), $line->notes),
            'isFilters' => false,
        ];
    }
}
