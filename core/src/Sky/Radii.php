<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Ellipsoid;

/**
 * The sizes that contacts are computed with: the Sun's radius and the Moon's, the latter in Earth's equatorial radii.
 *
 * Two conventions for the Moon are in use. One k throughout is the mean limb (IAU 1982, from memory). A smaller k₂
 * for the umbra stands for the valleys that let the last sunlight through; it shortens totality by about 4 s. The
 * smaller one is the cautious default: nobody takes a filter off too early by it.
 */
final readonly class Radii
{
    public const PENUMBRAL_K = 0.2725076;
    public const UMBRAL_K = 0.272281;
    public const SUN_KM = 695990.0;

    private function __construct(
        public float $penumbralK,
        public float $umbralK,
        public float $sunKm,
    ) {}

    public static function cautious(): self
    {
        return new self(self::PENUMBRAL_K, self::UMBRAL_K, self::SUN_KM);
    }

    /** One mean lunar radius for both shadows. */
    public static function oneK(): self
    {
        return new self(self::PENUMBRAL_K, self::PENUMBRAL_K, self::SUN_KM);
    }

    /** @throws SkyException when a size is not near that of the real body */
    public static function of(float $penumbralK, float $umbralK, float $sunKm): self
    {
        foreach (['k1' => $penumbralK, 'k2' => $umbralK] as $name => $k) {
            if ($k < 0.27 || $k > 0.275) {
                throw SkyException::outOfRange($name, $k, 0.27, 0.275);
            }
        }
        if ($sunKm < 690000 || $sunKm > 700000) {
            throw SkyException::outOfRange('sun_km', $sunKm, 690000, 700000);
        }

        return new self($penumbralK, $umbralK, $sunKm);
    }

    public function sunEarthRadii(): float
    {
        return $this->sunKm / Ellipsoid::EQUATOR_KM;
    }
}
