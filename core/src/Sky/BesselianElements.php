<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Polynomial;

/**
 * The Moon's shadow on the fundamental plane through the Earth's centre, as polynomials of the hours since t₀.
 *
 * Lengths are in equatorial radii of the Earth, angles in radians. x points east, y north, z along the shadow axis
 * towards the Sun (Explanatory Supplement to the Astronomical Almanac, chapter Eclipses). Valid ±3.5 h about t₀.
 */
final readonly class BesselianElements
{
    public const HALF_WIDTH_HOURS = 3.5;

    /**
     * @param float $t0JulianDateTt a whole hour of Terrestrial Time
     * @param Polynomial $x place of the axis, eastward
     * @param Polynomial $y place of the axis, northward
     * @param Polynomial $dRad declination of the axis
     * @param Polynomial $muRad Greenwich hour angle of the axis, computed as if UT1 were TT
     * @param Polynomial $l1 radius of the penumbra on the plane
     * @param Polynomial $l2 radius of the umbra on the plane, negative where it comes to a point beyond it (total)
     * @param float $tanF1 slope of the penumbral cone
     * @param float $tanF2 slope of the umbral cone
     * @param float $sunDistance from the plane
     */
    public function __construct(
        public float $t0JulianDateTt,
        public Polynomial $x,
        public Polynomial $y,
        public Polynomial $dRad,
        public Polynomial $muRad,
        public Polynomial $l1,
        public Polynomial $l2,
        public float $tanF1,
        public float $tanF2,
        public float $sunDistance,
        public Radii $radii,
    ) {}

    public function julianDateTt(float $hours): float
    {
        return $this->t0JulianDateTt + $hours / 24;
    }
}
