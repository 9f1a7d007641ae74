<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Polynomial;
use LengthException;

/**
 * The Moon's shadow on the fundamental plane through the Earth's centre, as polynomials of the hours since t₀.
 *
 * Lengths are in equatorial radii of the Earth, angles in radians. x points east, y north, z along the shadow axis
 * towards the Sun (Explanatory Supplement to the Astronomical Almanac, chapter Eclipses). Valid ±3.5 h about t₀.
 */
final readonly class BesselianElements
{
    public const HALF_WIDTH_HOURS = 3.5;
    /** Degrees of the polynomials: a view of the eclipse takes them for granted. */
    public const DEGREES = ['x' => 4, 'y' => 4, 'd' => 3, 'mu' => 2, 'l1' => 2, 'l2' => 2];

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
     *
     * @throws LengthException when a polynomial is of another degree
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
    ) {
        foreach (['x' => $x, 'y' => $y, 'd' => $dRad, 'mu' => $muRad, 'l1' => $l1, 'l2' => $l2] as $name => $polynomial) {
            if (count($polynomial->coefficients) !== self::DEGREES[$name] + 1) {
                throw new LengthException($name);
            }
        }
    }

    /**
     * The same eclipse with other sizes of Sun and Moon: only the cones change.
     *
     * L = z·tan f ± k / cos f, and sin f = (s ± k) / g with the distance g from the Moon to the Sun. z comes back from the
     * penumbra, with the slope that the cone has at t₀; that it changes by some 0.000 1 of itself over the hours moves
     * the new radii by less than a metre.
     */
    public function withRadii(Radii $radii): self
    {
        $sine = static fn(float $tan): float => $tan / hypot(1.0, $tan);
        $cosine = static fn(float $tan): float => 1 / hypot(1.0, $tan);
        $moonToSun = ($this->radii->sunEarthRadii() + $this->radii->penumbralK) / $sine($this->tanF1);
        $height = $this->l1->plus(-$this->radii->penumbralK / $cosine($this->tanF1))->times(1 / $this->tanF1);
        $tanF1 = tan(asin(($radii->sunEarthRadii() + $radii->penumbralK) / $moonToSun));
        $tanF2 = tan(asin(($radii->sunEarthRadii() - $radii->umbralK) / $moonToSun));

        return new self(
            t0JulianDateTt: $this->t0JulianDateTt,
            x: $this->x,
            y: $this->y,
            dRad: $this->dRad,
            muRad: $this->muRad,
            l1: $height->times($tanF1)->plus($radii->penumbralK / $cosine($tanF1)),
            l2: $height->times($tanF2)->plus(-$radii->umbralK / $cosine($tanF2)),
            tanF1: $tanF1,
            tanF2: $tanF2,
            sunDistance: $this->sunDistance,
            radii: $radii,
        );
    }

    public function julianDateTt(float $hours): float
    {
        return $this->t0JulianDateTt + $hours / 24;
    }
}
