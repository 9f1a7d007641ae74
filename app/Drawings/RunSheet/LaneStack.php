<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

use DateTimeImmutable;

/** Puts entries into lanes along one axis, so that no two words lie on each other. */
final readonly class LaneStack
{
    /** Width of a letter and of the axis where room for words is reckoned. */
    private const LETTER_PX = 7.2;
    private const AXIS_PX = 1180;
    private const ROOM_PX = 24;

    public function __construct(public DateTimeImmutable $begin, public DateTimeImmutable $end) {}

    /** @param list<LaneEntry> $entries those outside the axis are left out */
    public function lane(string $name, array $entries): Lane
    {
        $entries = array_values(array_filter($entries, fn(LaneEntry $e): bool => $e->to >= $this->begin && $e->from <= $this->end));
        usort($entries, static fn(LaneEntry $a, LaneEntry $b): int => $a->from <=> $b->from);
        $taken = $placed = [];
        foreach ($entries as $entry) {
            $x = max(0.0, $this->percent($entry->from));
            $width = min(100.0, max($x, $this->percent($entry->to))) - $x;
            $room = (self::ROOM_PX + self::LETTER_PX * mb_strlen("{$entry->time} {$entry->label}")) / self::AXIS_PX * 100;
            // Words that would run over the end stand before their bar.
            $isBefore = $x + $room > 100;
            $span = $isBefore ? [$x - $room, $x + $width] : [$x, $x + max($width, $room)];
            $row = self::firstFree($taken, $span);
            $taken[$row][] = $span;
            $placed[] = new LaneBlock($entry, yPx: $row * Lane::ROW_PX, xPercent: $x, widthPercent: round($width, 3), isBefore: $isBefore);
        }

        return new Lane($name, $placed, max(1, count($taken)) * Lane::ROW_PX);
    }

    private function percent(DateTimeImmutable $moment): float
    {
        $begin = (float) $this->begin->format('U');

        return round(100 * ((float) $moment->format('U.u') - $begin) / ((float) $this->end->format('U') - $begin), 3);
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
