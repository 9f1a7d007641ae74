<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Mirror;

use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/** The straight way of light from a mirror to its target, over level ground. */
final readonly class Beam
{
    /** Eyes of people who sit, stand or are children, in metres (common practice, no source). */
    public const LOWEST_EYE_M = 0.8;
    public const HIGHEST_EYE_M = 2.0;
    /** The wall that carries the target is met within this distance of it. */
    private const AT_TARGET_M = 0.3;
    /** So near to the beam a place or a window is warned of: the mirror is set by hand. */
    public const BESIDE_M = 1.0;

    public function __construct(
        public PlanPoint $from,
        public float $fromM,
        public PlanPoint $to,
        public float $toM,
    ) {}

    public function lengthM(): float
    {
        return hypot($this->from->distanceM($this->to), $this->toM - $this->fromM);
    }

    /** What stands in its way first, null when it is free. */
    public function blockedBy(SitePlan $plan): ?Thing
    {
        $nearest = 1.0 - self::AT_TARGET_M / max(self::AT_TARGET_M, $this->from->distanceM($this->to));
        $first = null;
        foreach ($plan->obstacles() as $obstacle) {
            foreach ($obstacle->edges as [$a, $b]) {
                $along = PlanLines::crossing($this->from, $this->to, $a, $b);
                if ($along !== null && $along < $nearest && $this->heightM($along) < $obstacle->heightM) {
                    $nearest = $along;
                    $first = $obstacle;
                }
            }
        }

        return $first;
    }

    /** How many metres of it lie at the height of eyes. */
    public function atEyesM(): float
    {
        $rise = $this->toM - $this->fromM;
        if ($rise === 0.0) {
            return $this->fromM >= self::LOWEST_EYE_M && $this->fromM <= self::HIGHEST_EYE_M ? $this->lengthM() : 0.0;
        }
        $ends = [(self::LOWEST_EYE_M - $this->fromM) / $rise, (self::HIGHEST_EYE_M - $this->fromM) / $rise];

        return max(0.0, min(1.0, max($ends)) - max(0.0, min($ends))) * $this->lengthM();
    }

    /**
     * Windows and doorways it goes by, and places with people that it crosses at the height of eyes.
     *
     * @return list<Thing>
     */
    public function passes(SitePlan $plan): array
    {
        $passed = [];
        foreach ([...$plan->openings(), ...$plan->places()] as $thing) {
            if ($thing->kind === ThingKind::Mirror || $thing->kind === ThingKind::Screen) {
                continue;
            }
            $middle = $thing->middle;
            $reach = $thing->kind->isOpening() ? $thing->points[0]->distanceM($thing->points[1]) / 2 : 0.0;
            if (PlanLines::distanceM($middle, $this->from, $this->to) > self::BESIDE_M + $reach) {
                continue;
            }
            $height = $this->heightM(PlanLines::along($middle, $this->from, $this->to));
            [$low, $high] = $thing->kind->isOpening() ? [$thing->sillM - self::BESIDE_M / 2, $thing->heightM + self::BESIDE_M / 2] : [self::LOWEST_EYE_M, self::HIGHEST_EYE_M];
            if ($height >= $low && $height <= $high) {
                $passed[] = $thing;
            }
        }

        return $passed;
    }

    private function heightM(float $along): float
    {
        return $this->fromM + $along * ($this->toM - $this->fromM);
    }
}
