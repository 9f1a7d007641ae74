<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Plan;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Sky\SunPosition;

/** A doorway, a window or a whole outer wall, as somebody inside looks out through it. */
final readonly class Facade
{
    /** A wall narrower than this is part of a bend (own judgement). */
    private const LEAST_WIDTH_M = 0.5;
    /** How far to each side of a wall is asked where the inside is. */
    private const PROBE_M = 0.3;
    /** Just outside, where the sky is looked at. */
    private const OUTSIDE_M = 0.1;

    public float $widthM;
    /** Direction in which it looks. */
    public float $bearingDeg;

    /** @param PlanPoint $left as seen from inside, looking out */
    private function __construct(
        public string $name,
        public PlanPoint $left,
        public PlanPoint $right,
        public float $sillM,
        public float $headM,
    ) {
        $this->widthM = $left->distanceM($right);
        $this->bearingDeg = Angle::positiveDeg($left->bearingDeg($right) - 90);
    }

    /** Outside is away from the building whose wall it is; without one, to the right of the way from a to b. */
    public static function of(string $name, PlanPoint $a, PlanPoint $b, float $sillM, float $headM, SitePlan $plan): self
    {
        $bearing = $a->bearingDeg($b);
        $middle = $a->middle($b);
        $inside = static fn(float $turn): bool => $plan->coverOver($middle->travel($bearing + $turn, self::PROBE_M)) !== null;
        $outsideIsRight = !$inside(90) || $inside(-90);

        return $outsideIsRight
            ? new self($name, $b, $a, $sillM, $headM)
            : new self($name, $a, $b, $sillM, $headM);
    }

    /**
     * Every opening of a plan, and every outer wall of its buildings in which a doorway could be.
     *
     * @return list<self>
     */
    public static function allOf(SitePlan $plan): array
    {
        $facades = array_map(static fn(Thing $t): self => self::of($t->name, $t->points[0], $t->points[1], $t->sillM, $t->heightM, $plan), $plan->openings());
        foreach ($plan->obstacles() as $thing) {
            if ($thing->kind === ThingKind::Building) {
                foreach ($thing->edges as $i => [$a, $b]) {
                    if ($a->distanceM($b) >= self::LEAST_WIDTH_M) {
                        // Going round clockwise the building lies to the right.
                        [$left, $right] = $thing->isClockwise ? [$a, $b] : [$b, $a];
                        $facades[] = new self($thing->name . ' ' . ($i + 1), $left, $right, 0.0, $thing->heightM);
                    }
                }
            }
        }

        return $facades;
    }

    /** The outer wall of a building, or the side of a free wall, that a point lies at; null when it lies at none. */
    public static function at(PlanPoint $point, SitePlan $plan): ?self
    {
        foreach ($plan->obstacles() as $thing) {
            if ($thing->kind === ThingKind::Tree) {
                continue;
            }
            foreach ($thing->edges as [$a, $b]) {
                if (PlanLines::distanceM($point, $a, $b) <= self::PROBE_M) {
                    return PlanLines::side($point, $a, $b) > 0
                        ? self::of($thing->name, $b, $a, 0.0, $thing->heightM, $plan)
                        : self::of($thing->name, $a, $b, 0.0, $thing->heightM, $plan);
                }
            }
        }

        return null;
    }

    /** How far the Sun stands to the right of straight out, −180 … 180; beyond ±90 it shines on the other side. */
    public function sunToTheRightDeg(SunPosition $sun): float
    {
        return rad2deg(Angle::signedRad(deg2rad($sun->azimuthDeg - $this->bearingDeg)));
    }

    public function isFacing(SunPosition $sun): bool
    {
        return abs($this->sunToTheRightDeg($sun)) < 90;
    }

    /** Angle between the Sun's rays and straight out. */
    public function incidenceDeg(SunPosition $sun): float
    {
        return rad2deg(acos(cos(deg2rad($sun->altitudeDeg)) * cos(deg2rad($this->sunToTheRightDeg($sun)))));
    }

    /** The point just outside its middle. */
    public function outside(): PlanPoint
    {
        return $this->before($this->left->middle($this->right));
    }

    /** A point at the wall, taken just outside. */
    public function before(PlanPoint $point): PlanPoint
    {
        return $point->travel($this->bearingDeg, self::PROBE_M + self::OUTSIDE_M);
    }
}
