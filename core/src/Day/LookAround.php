<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

use KeenShadow\Core\Rules\FilterCall;

/**
 * What to look at in totality, in an order and for lengths that fit it: from when filters may be off until the warning that
 * they go on, so that nobody spends it on kit and nobody looks when it is called.
 */
final class LookAround
{
    /**
     * @param DayTable $table for the clock by which it is called
     *
     * @return list<LookSpan> one after the other, without a gap; none where filters stay on
     */
    public static function of(DayTable $table): array
    {
        $calls = $table->filterCalls();
        if ($calls === []) {
            return [];
        }
        [$begin, $end] = [$calls[FilterCall::MayComeOff->value], $calls[FilterCall::Warning->value]];
        $spans = [];
        $at = $begin;
        foreach (self::shared($end - $begin) as [$look, $seconds]) {
            $spans[] = new LookSpan($look, $at, $at + $seconds);
            $at += $seconds;
        }

        return $spans;
    }

    /**
     * As many as get what is worth while, the weightiest first; what is left is shared out evenly up to what each may take,
     * and the rest is the corona's.
     *
     * @return list<array{Look, float}> in the order in which they are looked at
     */
    private static function shared(float $seconds): array
    {
        $looks = [];
        $left = $seconds;
        foreach (Look::cases() as $look) {
            if ($left >= $look->leastSeconds()) {
                $looks[] = $look;
                $left -= $look->leastSeconds();
            }
        }
        if ($looks === []) {
            return $seconds > 0 ? [[Look::Corona, $seconds]] : [];
        }
        $level = self::level($looks, $left);
        $own = static fn(Look $look): float => $look->leastSeconds() + min($level, $look->mostSeconds() - $look->leastSeconds());
        $rest = $seconds - array_sum(array_map($own, $looks));
        $coronas = count(array_filter($looks, static fn(Look $look): bool => $look->isCorona()));

        return array_map(static fn(Look $look): array => [$look, $own($look) + ($look->isCorona() ? $rest / $coronas : 0.0)], $looks);
    }

    /**
     * How much each gets above its least, so that all of it is given, or all have their most.
     *
     * @param non-empty-list<Look> $looks
     */
    private static function level(array $looks, float $left): float
    {
        $room = array_map(static fn(Look $look): float => $look->mostSeconds() - $look->leastSeconds(), $looks);
        sort($room);
        $level = 0.0;
        foreach ($room as $i => $most) {
            $open = count($room) - $i;
            $step = min($most - $level, $left / $open);
            $level += $step;
            $left -= $step * $open;
        }

        return $level;
    }
}
