<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** Lines on the plan. */
final class PlanLines
{
    /** Twice the area of the triangle a, b, c: positive when c lies to the left of the way from a to b. */
    public static function side(PlanPoint $a, PlanPoint $b, PlanPoint $c): float
    {
        return ($b->eastM - $a->eastM) * ($c->northM - $a->northM) - ($b->northM - $a->northM) * ($c->eastM - $a->eastM);
    }

    /** Whether two segments cross inside both. */
    public static function cross(PlanPoint $a, PlanPoint $b, PlanPoint $c, PlanPoint $d): bool
    {
        return self::side($a, $b, $c) * self::side($a, $b, $d) < 0 && self::side($c, $d, $a) * self::side($c, $d, $b) < 0;
    }

    /** Where along the way from a to b (0 … 1) the segment from c to d crosses it, null when it does not. */
    public static function crossing(PlanPoint $a, PlanPoint $b, PlanPoint $c, PlanPoint $d): ?float
    {
        if (!self::cross($a, $b, $c, $d)) {
            return null;
        }
        $from = self::side($c, $d, $a);

        return $from / ($from - self::side($c, $d, $b));
    }

    /** Distance of a point from the segment from a to b. */
    public static function distanceM(PlanPoint $point, PlanPoint $a, PlanPoint $b): float
    {
        return $point->distanceM(self::between($a, $b, self::along($point, $a, $b)));
    }

    /** Where along the way from a to b (0 … 1) it is nearest to a point. */
    public static function along(PlanPoint $point, PlanPoint $a, PlanPoint $b): float
    {
        $way = new Vector3($b->eastM - $a->eastM, $b->northM - $a->northM, 0.0);

        return (new Vector3($point->eastM - $a->eastM, $point->northM - $a->northM, 0.0))->shareAlong($way);
    }

    /**
     * A line of corners without those that lie within a tolerance of the way past them. Ends stay.
     *
     * @param list<PlanPoint> $corners
     *
     * @return list<PlanPoint>
     */
    public static function smoothed(array $corners, float $toleranceM): array
    {
        $kept = $corners === [] ? [] : [$corners[0]];
        $from = 0;
        for ($to = 2, $n = count($corners); $to < $n; ++$to) {
            for ($i = $from + 1; $i < $to; ++$i) {
                if (self::distanceM($corners[$i], $corners[$from], $corners[$to]) > $toleranceM) {
                    $from = $to - 1;
                    $kept[] = $corners[$from];
                    break;
                }
            }
        }

        return count($corners) > 1 ? [...$kept, $corners[count($corners) - 1]] : $kept;
    }

    /**
     * @param list<PlanPoint> $corners
     *
     * @return list<array{PlanPoint, PlanPoint}> from each to the next, and of a closed line from the last to the first
     */
    public static function edges(array $corners, bool $isClosed): array
    {
        $edges = [];
        foreach ($corners as $i => $corner) {
            if (isset($corners[$i + 1])) {
                $edges[] = [$corner, $corners[$i + 1]];
            } elseif ($isClosed) {
                $edges[] = [$corner, $corners[0]];
            }
        }

        return $edges;
    }

    /** The point a fraction of the way from a to b. */
    public static function between(PlanPoint $a, PlanPoint $b, float $fraction): PlanPoint
    {
        return new PlanPoint($a->eastM + $fraction * ($b->eastM - $a->eastM), $a->northM + $fraction * ($b->northM - $a->northM));
    }
}
