<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use UnitEnum;

/** Cuts a track into runs during which something stays the same. */
final class Timeline
{
    /** 0.1 s. */
    private const TOLERANCE_DAYS = 0.1 / 86400;

    /**
     * @template T of UnitEnum
     *
     * @param float $stepSeconds a state that lasts shorter than this may be missed
     * @param callable(SunPlace): T $state
     *
     * @return list<Run<T>> in order of time, without a gap
     */
    public static function runs(SunTrack $track, float $stepSeconds, callable $state): array
    {
        $places = $track->places($stepSeconds);
        $from = $before = $places[0];
        $now = $state($before);
        $runs = [];
        foreach ($places as $place) {
            $next = $state($place);
            if ($next !== $now) {
                $change = self::change($track, $before, $place, $now, $state);
                $runs[] = new Run($now, $from, $change);
                $from = $change;
                $now = $next;
            }
            $before = $place;
        }
        $runs[] = new Run($now, $from, $before);

        return $runs;
    }

    /**
     * @template T of UnitEnum
     *
     * @param T $first the state at the earlier place; the later one has another
     * @param callable(SunPlace): T $state
     */
    private static function change(SunTrack $track, SunPlace $before, SunPlace $after, UnitEnum $first, callable $state): SunPlace
    {
        $from = $before->julianDateUt;
        $to = $after->julianDateUt;
        while ($to - $from > self::TOLERANCE_DAYS) {
            $middle = ($from + $to) / 2;
            if ($state($track->at($middle)) === $first) {
                $from = $middle;
            } else {
                $to = $middle;
            }
        }

        return $track->at(($from + $to) / 2);
    }
}
