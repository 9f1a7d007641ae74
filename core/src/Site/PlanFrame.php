<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

/**
 * The plane that touches the Earth at an event's place: latitude and longitude to metres and back.
 *
 * The two radii of curvature of WGS84 at the origin (any textbook of geodesy, such as Torge, Geodesy) serve for the
 * whole site: within a kilometre the error stays below 10 cm up to latitude 60°.
 */
final readonly class PlanFrame
{
    private const EQUATOR_M = 6378137.0;
    private const FLATTENING = 1 / 298.257223563;

    private float $metresPerDegreeNorth;
    private float $metresPerDegreeEast;

    public function __construct(
        public float $latDeg,
        public float $lonDeg,
    ) {
        $squared = self::FLATTENING * (2 - self::FLATTENING);
        $w = sqrt(1 - $squared * sin(deg2rad($latDeg)) ** 2);
        $this->metresPerDegreeNorth = deg2rad(self::EQUATOR_M * (1 - $squared) / $w ** 3);
        // At a pole every direction is south; a centimetre keeps the division whole.
        $this->metresPerDegreeEast = max(0.01, deg2rad(self::EQUATOR_M / $w * cos(deg2rad($latDeg))));
    }

    public function toPlan(Coordinates $place): PlanPoint
    {
        $east = fmod($place->lonDeg - $this->lonDeg + 540, 360) - 180;

        return new PlanPoint($east * $this->metresPerDegreeEast, ($place->latDeg - $this->latDeg) * $this->metresPerDegreeNorth);
    }

    public function toGlobe(PlanPoint $point): Coordinates
    {
        $lon = $this->lonDeg + $point->eastM / $this->metresPerDegreeEast;

        return new Coordinates($this->latDeg + $point->northM / $this->metresPerDegreeNorth, fmod($lon + 540, 360) - 180);
    }
}
