<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Polynomial;

/**
 * The Moon's way through the Earth's shadow as polynomials of the hours since t₀; lengths in equatorial radii of the
 * Earth on the plane through the Moon that is square to the shadow's axis, angles in radians. Valid ±3.5 h.
 */
final readonly class LunarElements
{
    /**
     * @param float $t0JulianDateTt a whole hour of Terrestrial Time
     * @param Polynomial $x the Moon's place east of the axis
     * @param Polynomial $y north of it
     * @param Polynomial $penumbra radius of the Earth's penumbra there
     * @param Polynomial $umbra radius of its umbra
     * @param Polynomial $muRad Greenwich hour angle of the Moon, computed as if UT1 were TT
     * @param Polynomial $dRad declination of the Moon
     */
    public function __construct(
        public float $t0JulianDateTt,
        public Polynomial $x,
        public Polynomial $y,
        public Polynomial $penumbra,
        public Polynomial $umbra,
        public Polynomial $muRad,
        public Polynomial $dRad,
    ) {}
}
