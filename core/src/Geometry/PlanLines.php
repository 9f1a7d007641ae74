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

    /** The point a fraction of the way from a to b. */
    public static function between(PlanPoint $a, PlanPoint $b, float $fraction): PlanPoint
    {
        return new PlanPoint($a->eastM + $fraction * ($b->eastM - $a->eastM), $a->northM + $fraction * ($b->northM - $a->northM));
    }
}
