<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Shadow;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Sky\SunPosition;

/** The shade that upright things throw on a level plane. */
final class ShadowOnGround
{
    /** Near sunset shadows run to the horizon; none is drawn longer. */
    public const LONGEST_M = 3000.0;

    /**
     * The shade of one thing on the level at some height: every wall sweeps a parallelogram. Its footprint is not in it.
     *
     * @return list<array{PlanPoint, PlanPoint, PlanPoint, PlanPoint}>
     */
    public static function of(Thing $thing, SunPosition $sun, float $levelM = 0.0): array
    {
        $length = self::lengthM($thing->heightM - $levelM, $sun);
        if ($length <= 0) {
            return [];
        }
        $bearing = $sun->shadowBearingDeg();

        return array_map(
            static fn(array $edge): array => [$edge[0], $edge[1], $edge[1]->travel($bearing, $length), $edge[0]->travel($bearing, $length)],
            $thing->edges,
        );
    }

    /** Length of the shadow of something that rises so far above a level, at most {@see LONGEST_M}; 0 when it does not. */
    public static function lengthM(float $aboveM, SunPosition $sun): float
    {
        return $aboveM <= 0 ? 0.0 : min(self::LONGEST_M, $aboveM * $sun->shadowPerMetre());
    }
}
