<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Shadow;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Sky\SunPosition;

/** The shade that upright things throw on a level plane. */
final class ShadowOnGround
{
    /** Near sunset shadows run to the horizon; none is drawn longer. */
    public const LONGEST_M = 3000.0;

    /**
     * The shade of one thing on the level at some height: its walls sweep along with the Sun's rays, neighbours together.
     * Of a closed outline those on the lee side do, for what the others sweep lies in that or in the footprint, which is not in it.
     *
     * @return list<non-empty-list<PlanPoint>> outlines, counter-clockwise, along the walls first
     */
    public static function of(Thing $thing, SunPosition $sun, float $levelM = 0.0): array
    {
        $length = self::lengthM($thing->heightM - $levelM, $sun);
        if ($length <= 0) {
            return [];
        }
        $way = (new PlanPoint(0.0, 0.0))->travel($sun->shadowBearingDeg(), $length);
        $strips = $along = [];
        $side = 0;
        $far = static fn(PlanPoint $p): PlanPoint => new PlanPoint($p->eastM + $way->eastM, $p->northM + $way->northM);
        foreach ($thing->edges as [$a, $b]) {
            $turn = $way->eastM * ($b->northM - $a->northM) <=> $way->northM * ($b->eastM - $a->eastM);
            if ($turn !== $side || $along === []) {
                $strips[] = self::outline($along, $side, $far);
                $along = [$a];
                $side = $turn;
            }
            if ($turn === 0 || $thing->kind !== ThingKind::Wall && $turn === ($thing->isClockwise ? 1 : -1)) {
                $along = [];
            } else {
                $along[] = $b;
            }
        }
        $strips[] = self::outline($along, $side, $far);

        return array_values(array_filter($strips));
    }

    /**
     * Along the walls, and back along the end of their shade; the other way round where that is clockwise.
     *
     * @param list<PlanPoint> $walls
     * @param callable(PlanPoint): PlanPoint $far
     *
     * @return list<PlanPoint> empty where there is no wall
     */
    private static function outline(array $walls, int $side, callable $far): array
    {
        if (count($walls) < 2) {
            return [];
        }
        $ends = array_map($far, $walls);

        return $side < 0 ? [...$walls, ...array_reverse($ends)] : [...array_reverse($walls), ...$ends];
    }

    /** Length of the shadow of something that rises so far above a level, at most {@see LONGEST_M}; 0 when it does not. */
    public static function lengthM(float $aboveM, SunPosition $sun): float
    {
        return $aboveM <= 0 ? 0.0 : min(self::LONGEST_M, $aboveM * $sun->shadowPerMetre());
    }
}
