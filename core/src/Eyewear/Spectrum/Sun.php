<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

/**
 * The spectrum of the Sun above the air, as a black body of the nominal effective temperature, 5772 K (IAU 2015 Resolution B3), by
 * Planck's law. It stands for the standard's own weights, which are not to hand: so it is shown beside the smallest and the largest value, and
 * decides nothing. Ultraviolet weighs more in it than on the ground, where ozone holds it back.
 */
final class Sun
{
    private const KELVIN = 5772.0;
    /** Second radiation constant hc/k in nm·K (CODATA 2018). */
    private const C2_NM_K = 1.438776877e7;

    /** Weight of a wavelength, 1 where it is largest, at about 502 nm. */
    public static function weight(float $nm): float
    {
        return self::planck($nm) / self::planck(2.897771955e6 / self::KELVIN);
    }

    private static function planck(float $nm): float
    {
        return $nm ** -5 / (exp(self::C2_NM_K / ($nm * self::KELVIN)) - 1);
    }
}
