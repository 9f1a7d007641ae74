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
        $share = self::along($point, $a, $b);

        return hypot($a->eastM + $share * ($b->eastM - $a->eastM) - $point->eastM, $a->northM + $share * ($b->northM - $a->northM) - $point->northM);
    }

    /** Where along the way from a to b (0 … 1) it is nearest to a point. */
    public static function along(PlanPoint $point, PlanPoint $a, PlanPoint $b): float
    {
        // In plain numbers: a plan has tens of thousands of walls.
        $east = $b->eastM - $a->eastM;
        $north = $b->northM - $a->northM;
        $square = $east ** 2 + $north ** 2;

        return $square > 0 ? max(0.0, min(1.0, (($point->eastM - $a->eastM) * $east + ($point->northM - $a->northM) * $north) / $square)) : 0.0;
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
