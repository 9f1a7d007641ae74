<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Bisection;
use UnitEnum;

/** Cuts a track into intervals during which something stays the same. */
final class Timeline
{
    private const TOLERANCE_DAYS = 0.05 / 86400;

    /**
     * @template T of UnitEnum
     *
     * @param float $stepSeconds a state that lasts shorter than this may be missed
     * @param callable(SunPosition): T $state
     *
     * @return list<StateInterval<T>> in order of time, without a gap
     */
    public static function intervals(SunTrack $track, float $stepSeconds, callable $state): array
    {
        $places = $track->positions($stepSeconds);
        $from = $before = $places[0];
        $now = $state($before);
        $intervals = [];
        foreach ($places as $place) {
            $next = $state($place);
            if ($next !== $now) {
                $change = self::change($track, $before, $place, $now, $state);
                $intervals[] = new StateInterval($now, $from, $change);
                $from = $change;
                $now = $next;
            }
            $before = $place;
        }
        $intervals[] = new StateInterval($now, $from, $before);

        return $intervals;
    }

    /**
     * @template T of UnitEnum
     *
     * @param T $first the state at the earlier place; the later one has another
     * @param callable(SunPosition): T $state
     */
    private static function change(SunTrack $track, SunPosition $before, SunPosition $after, UnitEnum $first, callable $state): SunPosition
    {
        $isFirst = static fn(float $julianDateUt): bool => $state($track->at($julianDateUt)) === $first;

        return $track->at(Bisection::edge($isFirst, $before->julianDateUt, $after->julianDateUt, self::TOLERANCE_DAYS));
    }
}
