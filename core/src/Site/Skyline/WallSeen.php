<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Geometry\Vector3;

/** One upright wall as an eye sees it. */
final readonly class WallSeen
{
    /** Nearer than this the eye stands at the wall. */
    private const TOUCHING_M = 0.05;
    /** Two walls that share a corner leave no gap there. */
    private const ROUNDING_DEG = 1e-9;

    /** No part of it is seen higher: the tangent of that altitude, and the altitude. */
    public float $highestSlope;
    public float $highestDeg;
    private float $steepest;
    /** Altitudes of its top at its two ends. */
    private float $fromEdgeRad;
    private float $toEdgeRad;

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
        $this->highestSlope = $aboveM / max(self::TOUCHING_M, $nearestM - $grownM);
        $this->highestDeg = rad2deg(atan($this->highestSlope));
        $this->steepest = $aboveM / self::TOUCHING_M;
        $this->fromEdgeRad = atan($this->slopeAt($fromDeg));
        $this->toEdgeRad = atan($this->slopeAt($fromDeg + $widthDeg));
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

        return new self(name: $name, fromDeg: $from - $spread, widthDeg: min(359.9, Angle::positiveDeg($eye->bearingDeg($b) - $from) + 2 * $spread), nearestM: $nearest, aboveM: $aboveM, grownM: $grownM, spreadDeg: $spread, perSine: $perLength * $ey, perCosine: $perLength * $ex);
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
        // In the uncertainty beside its ends it is as far away as its end.
        $azimuth = deg2rad($this->fromDeg + max($this->spreadDeg, min($this->widthDeg - $this->spreadDeg, $along)));

        return min(abs(sin($azimuth) * $this->perSine - cos($azimuth) * $this->perCosine), $this->steepest);
    }

    /** Whether it stands in all of a stretch of azimuth. */
    public function coversAllOf(float $fromDeg, float $widthDeg): bool
    {
        $along = Angle::positiveDeg($fromDeg - $this->fromDeg);

        return $along + $widthDeg <= $this->widthDeg;
    }

    /**
     * The way in degrees along the sky to its nearest part, from a direction above it or beside it. A straight top is seen
     * as a great circle: the way is square to that where its foot lies on the wall, else it leads to an end.
     *
     * @param Vector3 $direction unit vector: east, north, up
     */
    public function wayDeg(Vector3 $direction, float $azimuthDeg): float
    {
        $altitude = asin(max(-1.0, min(1.0, $direction->z)));
        $way = min(
            VerticalCircle::wayDeg($altitude, deg2rad(Angle::signedDeg($this->fromDeg - $azimuthDeg)), $this->fromEdgeRad, true),
            VerticalCircle::wayDeg($altitude, deg2rad(Angle::signedDeg($this->fromDeg + $this->widthDeg - $azimuthDeg)), $this->toEdgeRad, true),
        );
        // The plane through the eye and the top, upward.
        $side = sin(deg2rad($this->fromDeg + $this->widthDeg / 2)) * $this->perSine - cos(deg2rad($this->fromDeg + $this->widthDeg / 2)) * $this->perCosine < 0 ? -1 : 1;
        $normal = new Vector3(-$side * $this->perSine, $side * $this->perCosine, 1.0);
        $normal = $normal->times(1 / $normal->length());
        $above = $direction->dot($normal);
        $foot = $direction->minus($normal->times($above));
        $isOnIt = Angle::positiveDeg(rad2deg(atan2($foot->x, $foot->y)) - $this->fromDeg) <= $this->widthDeg;

        return $above > 0 && $isOnIt ? min($way, rad2deg(asin(min(1.0, $above)))) : $way;
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
