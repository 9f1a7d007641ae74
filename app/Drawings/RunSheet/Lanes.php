<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

use App\Domain\RunSheet\FilterMoment;
use App\Domain\RunSheet\WrittenSheet;
use DateTimeImmutable;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** The run sheet below the ribbon, on its scale: what is about the same stands in one lane, and no two words on each other. */
final readonly class Lanes
{
    /** Width of a letter and of the axis where room for words is reckoned. */
    private const LETTER_PX = 7.2;
    private const AXIS_PX = 1180;
    private const ROOM_PX = 24;

    /**
     * @param list<Lane> $lanes
     * @param int $beginS of the axis, seconds since 1970
     */
    private function __construct(public array $lanes, public int $beginS, public int $endS) {}

    public static function of(WrittenSheet $sheet, DateTimeImmutable $begin, DateTimeImmutable $end): self
    {
        $blocks = array_fill_keys([__('Safety'), __('Sky'), __('Groups'), __('Crew')], []);
        foreach (FilterMoment::allOf($sheet->filterCues, $sheet->clock) as $moment) {
            $blocks[__('Safety')][] = [$moment->at, $moment->at, self::block('', 'filters', $moment->name, $moment->time)];
        }
        foreach ($sheet->cues as $p) {
            if ($p->begins !== null && $p->ends !== null && $p->ends >= $begin && $p->begins <= $end) {
                $blocks[self::lane($p->cue->kind)][] = [$p->begins, $p->ends, self::block($p->cue->id, $p->cue->kind->value, $p->cue->name, $sheet->clock->minute($p->begins), $p->cue->offsetS, $p->cue->durationS, self::isFaulty($p))];
            }
        }

        return new self(
            array_map(static fn(string $name, array $of): Lane => self::stacked($name, $of, $begin, $end), array_keys($blocks), array_values($blocks)),
            (int) $begin->format('U'),
            (int) $end->format('U'),
        );
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

    /** @return array{id: string, kind: string, label: string, time: string, offsetS: int, durationS: int, isFaulty: bool} */
    private static function block(string $id, string $kind, string $label, string $time, int $offsetS = 0, int $durationS = 0, bool $isFaulty = false): array
    {
        return ['id' => $id, 'kind' => $kind, 'label' => $label, 'time' => $time, 'offsetS' => $offsetS, 'durationS' => $durationS, 'isFaulty' => $isFaulty];
    }

    /** @param list<array{DateTimeImmutable, DateTimeImmutable, array{id: string, kind: string, label: string, time: string, offsetS: int, durationS: int, isFaulty: bool}}> $blocks */
    private static function stacked(string $name, array $blocks, DateTimeImmutable $begin, DateTimeImmutable $end): Lane
    {
        $whole = (float) $end->format('U') - (float) $begin->format('U');
        $percent = static fn(DateTimeImmutable $moment): float => round(100 * ((float) $moment->format('U.u') - (float) $begin->format('U')) / $whole, 3);
        usort($blocks, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $taken = [];
        $placed = [];
        foreach ($blocks as [$from, $to, $block]) {
            $x = max(0.0, $percent($from));
            $width = min(100.0, max($x, $percent($to))) - $x;
            $room = (self::ROOM_PX + self::LETTER_PX * mb_strlen("{$block['time']} {$block['label']}")) / self::AXIS_PX * 100;
            // Words that would run over the end stand before their bar.
            $isBefore = $x + $room > 100;
            $span = $isBefore ? [$x - $room, $x + $width] : [$x, $x + max($width, $room)];
            $row = self::firstFree($taken, $span);
            $taken[$row][] = $span;
            $placed[] = new LaneBlock(...$block, row: $row, yPx: $row * Lane::ROW_PX, xPercent: $x, widthPercent: round($width, 3), isBefore: $isBefore);
        }

        return new Lane($name, $placed, max(1, count($taken)) * Lane::ROW_PX);
    }

    /**
     * @param array<int, list<array{float, float}>> $taken by row
     * @param array{float, float} $span
     */
    private static function firstFree(array $taken, array $span): int
    {
        $row = 0;
        while (array_filter($taken[$row] ?? [], static fn(array $other): bool => $other[0] < $span[1] && $span[0] < $other[1]) !== []) {
            ++$row;
        }

        return $row;
    }
}
