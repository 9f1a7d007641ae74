<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Sky\SunPosition;

/**
 * What bounds the sky for one eye: obstacles and far horizon as an altitude against azimuth.
 *
 * A wall from p to q, seen from the eye in direction u, is met at the distance (p × (q − p)) / (u × (q − p)); it reaches
 * up to atan((height − eye) / distance). Of several the highest counts.
 */
final readonly class Skyline
{
    /** Whatever reaches this close to the zenith is overhead. */
    private const OVERHEAD_DEG = 90.0;
    /** Looks to either side: across the disc, and along the far horizon. */
    private const DIVISIONS = 12;
    private const MOST_STEPS = 40;
    /** Beside an end of a wall, to see what is behind it. */
    private const HAIR_DEG = 1e-6;

    /** Name of what the eye stands under. */
    public ?string $cover;

    private function __construct(
        private WallsAround $walls,
        private HorizonProfile $horizon,
    ) {
        $this->cover = $walls->cover;
    }

    /**
     * @param list<Thing> $obstacles
     * @param float $grownM by how much each is taken to be higher, nearer and wider, for the uncertainty
     * @param AzimuthSpan|null $within the only directions that will be looked in, null for all round
     */
    public static function from(PlanPoint $point, float $eyeM, array $obstacles, HorizonProfile $horizon, float $grownM = 0.0, ?AzimuthSpan $within = null): self
    {
        return new self(WallsAround::from($point, $eyeM, $obstacles, $grownM, $within), $horizon);
    }

    /** All that a plan has, seen all round from an eye so high above a point. */
    public static function over(SitePlan $plan, PlanPoint $point, float $eyeM): self
    {
        return self::from($point, $eyeM, $plan->obstacles(), $plan->horizon);
    }

    /** Nothing but a level horizon. */
    public static function level(): self
    {
        return new self(WallsAround::none(), HorizonProfile::level());
    }

    /** Apparent altitude of the edge of the sky. */
    public function altitudeDegAt(float $azimuthDeg): float
    {
        if ($this->cover !== null) {
            return self::OVERHEAD_DEG;
        }
        $azimuth = Angle::positiveDeg($azimuthDeg);
        $steepest = $this->walls->steepestAt($azimuth);
        $near = $steepest > 0 ? rad2deg(atan($steepest)) : -self::OVERHEAD_DEG;

        return $near >= $this->horizon->highestDeg ? $near : max($near, $this->horizon->altitudeDegAt($azimuth));
    }

    /** What bounds the sky there: an obstacle's name, or null for the far horizon. */
    public function boundAt(float $azimuthDeg): ?string
    {
        if ($this->cover !== null) {
            return $this->cover;
        }
        $azimuth = Angle::positiveDeg($azimuthDeg);

        return $this->walls->nameAbove($azimuth, tan(deg2rad(max(0.0, $this->horizon->altitudeDegAt($azimuth)))));
    }

    /** How much of the Sun's disc is clear. */
    public function visibilityOf(SunPosition $sun): DiscVisibility
    {
        return $this->plainVisibility($sun) ?? $this->clearance($sun, $sun->semidiameterDeg)->visibility($sun->semidiameterDeg);
    }

    /** What stands in front of the Sun or nearest to it, null for the far horizon. */
    public function boundBefore(SunPosition $sun): ?string
    {
        return $this->clearance($sun, $sun->semidiameterDeg)->by;
    }

    /**
     * How far the Sun's centre is from the edge of the sky.
     *
     * @param float|null $reachDeg for one who asks only whether anything is nearer than this: the first that is will do, and
     *     where nothing is, the way straight down or up
     */
    public function clearance(SunPosition $sun, ?float $reachDeg = null): Clearance
    {
        if ($this->cover !== null) {
            return new Clearance(-self::OVERHEAD_DEG, $this->cover);
        }
        $below = $this->altitudeDegAt($sun->azimuthDeg);
        $by = $this->boundAt($sun->azimuthDeg);
        $vertical = abs($sun->altitudeDeg - $below);

        return $below < $sun->altitudeDeg
            ? ($vertical < $reachDeg ? new Clearance($vertical, $by) : $this->wayDown($sun, $vertical, $by, $reachDeg))
            : new Clearance(-($vertical < $reachDeg ? $vertical : $this->wayToFreeSkyDeg($sun, $vertical, $reachDeg)), $by);
    }

    /** The visibility where it takes no closer look: nothing near, or one wall before all of the disc. */
    private function plainVisibility(SunPosition $sun): ?DiscVisibility
    {
        if ($this->cover !== null) {
            return DiscVisibility::Hidden;
        }
        $low = $sun->altitudeDeg - $sun->semidiameterDeg;
        if ($low > $this->ceilingDegAbout($sun)) {
            return DiscVisibility::Clear;
        }
        $high = $sun->altitudeDeg + $sun->semidiameterDeg;
        if ($sun->altitudeDeg < 60 && $high <= min(array_map($this->horizon->floorDeg(...), [$sun->azimuthDeg - 1, $sun->azimuthDeg, $sun->azimuthDeg + 1]))) {
            return DiscVisibility::Hidden;
        }
        // Near the zenith the disc is wide in azimuth.
        if ($sun->altitudeDeg > 80 || $low <= 0) {
            return null;
        }
        $half = rad2deg(asin(sin(deg2rad($sun->semidiameterDeg)) / cos(deg2rad($sun->altitudeDeg))));
        $from = $sun->azimuthDeg - $half;
        // Within the disc's width no top of a wall bulges over its ends by more than this.
        $lowSlope = tan(deg2rad($low)) * cos(deg2rad(2 * $half));
        $highSlope = tan(deg2rad($high));
        $isClear = max($this->horizon->ceilingDeg($from), $this->horizon->ceilingDeg($from + 2 * $half)) < $low;
        foreach ($this->walls->within($from, $from + 2 * $half) as $wall) {
            [$left, $right] = [$wall->slopeAt($from), $wall->slopeAt($from + 2 * $half)];
            if ($left >= $highSlope && $right >= $highSlope) {
                return DiscVisibility::Hidden;
            }
            $isClear = $isClear && $wall->coversAllOf($from, 2 * $half) && $left < $lowSlope && $right < $lowSlope;
        }

        return $isClear ? DiscVisibility::Clear : null;
    }

    /** From a Sun in the free sky to the nearest part of a wall or of the far horizon. */
    private function wayDown(SunPosition $sun, float $nearest, ?string $by, ?float $reachDeg): Clearance
    {
        $half = VerticalCircle::halfWidthDeg($sun, min($nearest, $reachDeg ?? self::OVERHEAD_DEG));
        $direction = $sun->direction();
        foreach ($this->walls->within($sun->azimuthDeg - $half, $sun->azimuthDeg + $half) as $wall) {
            // What stays lower comes no nearer.
            $way = $wall->highestDeg > $sun->altitudeDeg - $nearest ? $wall->wayDeg($direction, $sun->azimuthDeg) : INF;
            if ($way < $nearest) {
                [$nearest, $by] = [$way, $wall->name];
                if ($nearest < $reachDeg) {
                    return new Clearance($nearest, $by);
                }
            }
        }
        foreach ($this->horizonOffsetsDeg($sun, $half, $sun->altitudeDeg - $nearest) as $offset) {
            $way = VerticalCircle::wayDeg(deg2rad($sun->altitudeDeg), deg2rad($offset), deg2rad($this->horizon->altitudeDegAt($sun->azimuthDeg + $offset)), true);
            if ($way < $nearest) {
                [$nearest, $by] = [$way, null];
            }
        }

        return new Clearance($nearest, $by);
    }

    /** @return list<float> azimuths relative to the Sun's at which the far horizon is looked at: its points, and evenly between */
    private function horizonOffsetsDeg(SunPosition $sun, float $halfDeg, float $lowestDeg): array
    {
        $offsets = [];
        for ($i = -self::MOST_STEPS; $i <= self::MOST_STEPS; ++$i) {
            $offset = $halfDeg * $i / self::MOST_STEPS;
            if ($this->horizon->ceilingDeg($sun->azimuthDeg + $offset) > $lowestDeg) {
                $offsets[] = $offset;
            }
        }
        foreach ($this->horizon->azimuthsDegWithin($sun->azimuthDeg, $halfDeg, $lowestDeg) as $azimuth) {
            $offsets[] = Angle::signedDeg($azimuth - $sun->azimuthDeg);
        }

        return $offsets;
    }

    /**
     * From a Sun behind something to the nearest free sky. How deep it is behind it nobody asks beyond its own width; that
     * far the sky's edge is looked at a dozen times on either side, and at and beside every end of a wall.
     */
    private function wayToFreeSkyDeg(SunPosition $sun, float $nearest, ?float $reachDeg): float
    {
        $half = VerticalCircle::halfWidthDeg($sun, min($nearest, $reachDeg ?? 2 * $sun->semidiameterDeg));
        $offsets = array_map(static fn(int $i): float => $half * $i / self::DIVISIONS, range(-self::DIVISIONS, self::DIVISIONS));
        foreach ($this->walls->within($sun->azimuthDeg - $half, $sun->azimuthDeg + $half) as $wall) {
            foreach ([$wall->fromDeg, $wall->fromDeg + $wall->widthDeg] as $end) {
                $offset = Angle::signedDeg($end - $sun->azimuthDeg);
                if (abs($offset) <= $half) {
                    array_push($offsets, $offset - self::HAIR_DEG, $offset + self::HAIR_DEG);
                }
            }
        }
        foreach ($this->horizon->azimuthsDegWithin($sun->azimuthDeg, $half, -self::OVERHEAD_DEG) as $azimuth) {
            $offsets[] = Angle::signedDeg($azimuth - $sun->azimuthDeg);
        }
        foreach ($offsets as $offset) {
            $nearest = min($nearest, VerticalCircle::wayDeg(deg2rad($sun->altitudeDeg), deg2rad($offset), deg2rad($this->altitudeDegAt($sun->azimuthDeg + $offset)), false));
            if ($nearest < $reachDeg) {
                return $nearest;
            }
        }

        return $nearest;
    }

    /** An altitude that nothing exceeds within a degree of the Sun's azimuth; most looks need no closer one. */
    private function ceilingDegAbout(SunPosition $sun): float
    {
        // Near the zenith the disc is wider than a degree of azimuth.
        if ($sun->altitudeDeg > 60) {
            return self::OVERHEAD_DEG;
        }

        return max($this->ceilingDeg($sun->azimuthDeg - 1), $this->ceilingDeg($sun->azimuthDeg), $this->ceilingDeg($sun->azimuthDeg + 1));
    }

    /** An altitude that nothing exceeds in that whole degree of azimuth. */
    private function ceilingDeg(float $azimuthDeg): float
    {
        return max($this->walls->ceilingDeg($azimuthDeg), $this->horizon->ceilingDeg($azimuthDeg));
    }

    /** @return list<WallSeen> farthest first, as they are painted */
    public function walls(): array
    {
        return $this->walls->farthestFirst();
    }
}
