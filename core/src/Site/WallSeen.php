<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use KeenShadow\Core\Geometry\Angle;

/** One upright wall as an eye sees it. */
final readonly class WallSeen
{
    /** Nearer than this the eye stands at the wall. */
    private const TOUCHING_M = 0.05;
    /** Two walls that share a corner leave no gap there. */
    private const ROUNDING_DEG = 1e-9;

    /** No part of it is seen higher. */
    public float $highestDeg;
    private float $steepest;

    /**
     * @param float $fromDeg azimuth of the end that is met first, going clockwise
     * @param float $widthDeg less than 180
     * @param float $nearestM distance of the nearer end or of the foot of the perpendicular
     * @param float $aboveM how far it rises above the eye
     * @param float $spreadDeg by how much it may reach farther to each side
     * @param float $grownM by how much it may be nearer
     * @param float $perSine what the slope of its top takes from the sine of the azimuth
     * @param float $perCosine and from the cosine
     */
    private function __construct(
        public string $name,
        public float $fromDeg,
        public float $widthDeg,
        public float $nearestM,
        float $aboveM,
        float $grownM,
        private float $spreadDeg,
        private float $perSine,
        private float $perCosine,
    ) {
        $this->highestDeg = rad2deg(atan($aboveM / max(self::TOUCHING_M, $nearestM - $grownM)));
        $this->steepest = $aboveM / self::TOUCHING_M;
    }

    /** @return self|null null when the eye looks along it */
    public static function from(PlanPoint $eye, PlanPoint $a, PlanPoint $b, float $aboveM, string $name, float $grownM = 0.0): ?self
    {
        if (PlanLines::side($eye, $a, $b) > 0) {
            // Clockwise as seen from the eye.
            [$a, $b] = [$b, $a];
        }
        $px = $a->eastM - $eye->eastM;
        $py = $a->northM - $eye->northM;
        $ex = $b->eastM - $a->eastM;
        $ey = $b->northM - $a->northM;
        $crossed = $px * $ey - $py * $ex;
        $nearest = PlanLines::distanceM($eye, $a, $b);
        if (abs($crossed) < 1e-9 * max(1.0, hypot($ex, $ey))) {
            return null;
        }
        $from = $eye->bearingDeg($a);
        $perLength = $aboveM / $crossed * max(self::TOUCHING_M, $nearest) / max(self::TOUCHING_M, $nearest - $grownM);
        $spread = $grownM > 0 ? rad2deg(asin(min(1.0, $grownM / max(self::TOUCHING_M, $nearest)))) : 0.0;

        return new self($name, $from - $spread, min(359.9, Angle::positiveDeg($eye->bearingDeg($b) - $from) + 2 * $spread), $nearest, $aboveM, $grownM, $spread, $perLength * $ey, $perLength * $ex);
    }

    /** Tangent of the altitude of its top in a direction; 0 when it is not met there. */
    public function slopeAt(float $azimuthDeg): float
    {
        $along = $azimuthDeg - $this->fromDeg;
        $along -= 360.0 * floor($along / 360.0);
        if ($along > $this->widthDeg) {
            if ($along < 360 - self::ROUNDING_DEG) {
                return 0.0;
            }
            $along = 0.0;
        }
        // In the doubt beside its ends it is as far away as its end.
        $azimuth = deg2rad($this->fromDeg + max($this->spreadDeg, min($this->widthDeg - $this->spreadDeg, $along)));

        return min(abs(sin($azimuth) * $this->perSine - cos($azimuth) * $this->perCosine), $this->steepest);
    }

    /** @return list<array{float, float}> azimuth (running on past 360) and altitude of its top, at most a degree apart */
    public function top(): array
    {
        $steps = max(1, (int) ceil($this->widthDeg));
        $points = [];
        for ($i = 0; $i <= $steps; ++$i) {
            // A hair inside, so that the ends are met.
            $azimuth = $this->fromDeg + $this->widthDeg * max(1e-6, min(1 - 1e-6, $i / $steps));
            $points[] = [$azimuth, rad2deg(atan($this->slopeAt($azimuth)))];
        }

        return $points;
    }
}
