<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;

/**
 * Whether between the contacts something else than an eclipse moved the temperature, a cloud above all: what a response leaves of the
 * curve there is larger, or jumps more, than outside and than responses leave of curves without clouds. The limits are from curves made up with and without
 * (common practice, no source).
 */
final class Disturbance
{
    private const SMOOTHED_S = 300.0;
    /** Times what is usual outside the eclipse. */
    private const TIMES_OUTSIDE = 5.0;
    /** Of the drop: from one stretch to the next, and in all. */
    private const JUMP_SHARE = 0.035;
    private const SIZE_SHARE = 0.06;
    /** Less than this is nothing, in K. */
    private const LEAST_JUMP_K = 0.13;
    private const LEAST_SIZE_K = 0.16;
    /** χ² of a cloud's three numbers that in a hundred curves one exceeds by chance. */
    private const BEYOND_CHANCE = 12.0;
    /** Neighbours on each side from which a stretch jumps. */
    private const NEIGHBOURS = 2;

    public static function isIn(Curve $curve, EclipseTimes $times): bool
    {
        $inside = $curve->rest()->between($times->c1S, $times->c4S + 60.0 * Curve::RECOVERY_MIN)->medians(self::SMOOTHED_S);
        $outside = $curve->baseline->residuals->medians(self::SMOOTHED_S);
        $jump = max(self::TIMES_OUTSIDE * self::rms(self::jumps($outside)), self::JUMP_SHARE * $curve->response->depthK, self::LEAST_JUMP_K);
        $size = max(self::TIMES_OUTSIDE * self::rms($outside->values), self::SIZE_SHARE * $curve->response->depthK, self::LEAST_SIZE_K);

        return self::most(self::jumps($inside)) > $jump || self::most($inside->values) > $size || self::isClouded($curve, $times);
    }

    private static function isClouded(Curve $curve, EclipseTimes $times): bool
    {
        $cloud = $curve->cloud($times);
        $variance = $curve->baseline->noise->variance() / max(1.0, Response::FITTED_S / $curve->stepS);

        return abs($cloud->coolsK) > max(Drop::GOOD_K, self::SIZE_SHARE * $curve->response->depthK) && $cloud->gain > self::BEYOND_CHANCE * $variance;
    }

    /**
     * By how much each stretch differs from the mean of its neighbours, where there is no gap among them.
     *
     * @return list<float>
     */
    private static function jumps(Series $series): array
    {
        $jumps = [];
        $span = 2 * self::NEIGHBOURS;
        for ($i = self::NEIGHBOURS; $i < $series->count() - self::NEIGHBOURS; ++$i) {
            if ($series->atS[$i + self::NEIGHBOURS] - $series->atS[$i - self::NEIGHBOURS] <= ($span + 1) * self::SMOOTHED_S) {
                $around = array_sum(array_slice($series->values, $i - self::NEIGHBOURS, $span + 1)) - $series->values[$i];
                $jumps[] = $series->values[$i] - $around / $span;
            }
        }

        return $jumps;
    }

    /** @param list<float> $values */
    private static function rms(array $values): float
    {
        return $values === [] ? 0.0 : sqrt(array_sum(array_map(static fn(float $v): float => $v * $v, $values)) / count($values));
    }

    /** @param list<float> $values */
    private static function most(array $values): float
    {
        return max([0.0, ...array_map(abs(...), $values)]);
    }
}
