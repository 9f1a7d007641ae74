<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/** The light that falls on a viewer: how wide the Sun is, how bright, and the colour by which blur is reckoned. */
final readonly class Light
{
    /** Green, where the eye is keenest. */
    public const WAVELENGTH_NM = 550.0;
    /** A high Sun in a clear sky, on a surface turned to it (common practice, no source). */
    public const SUN_LX = 100000.0;
    public const SUN_ARCMIN = 32.0;
    /** A surface turned to the Sun takes about so much, W/m² (common practice, no source). */
    public const SUN_W_PER_M2 = 1000.0;
    /** The mean Sun's way across the sky, 15° an hour; on the equinox no place sees it faster. */
    public const RATE_RAD_PER_S = M_PI / 43200;

    private const LEAST_ARCMIN = 20.0;
    private const MOST_ARCMIN = 40.0;
    private const LEAST_NM = 300.0;
    private const MOST_NM = 1100.0;
    private const MOST_LX = 200000.0;

    private function __construct(
        public float $sunDiameterRad,
        public float $sunLx,
        public float $wavelengthMm,
    ) {}

    /**
     * @param float $sunDiameterArcmin apparent, 31.5 to 32.5 over the year
     * @param float $sunLx on a surface turned to the whole Sun
     *
     * @throws ViewerException when one is out of range
     */
    public static function of(float $sunDiameterArcmin = self::SUN_ARCMIN, float $sunLx = self::SUN_LX, float $wavelengthNm = self::WAVELENGTH_NM): self
    {
        ViewerException::within('sun_diameter_arcmin', $sunDiameterArcmin, self::LEAST_ARCMIN, self::MOST_ARCMIN);
        ViewerException::within('sun_illuminance_lx', $sunLx, 0.0, self::MOST_LX);
        ViewerException::within('wavelength_nm', $wavelengthNm, self::LEAST_NM, self::MOST_NM);

        return new self(deg2rad($sunDiameterArcmin / 60), $sunLx, $wavelengthNm * 1e-6);
    }

    public function wavelengthNm(): float
    {
        return $this->wavelengthMm * 1e6;
    }

    /** Width of the Sun's image at a distance from what throws it, 2·L·tan(s/2). */
    public function imageMm(float $distanceMm): float
    {
        return 2 * $distanceMm * tan($this->sunDiameterRad / 2);
    }

    /** Width of the Airy disc that a round opening makes of a point at a distance, 2.44·λ·L/d. */
    public function airyMm(float $distanceMm, float $openingMm): float
    {
        return 2.44 * $this->wavelengthMm * $distanceMm / $openingMm;
    }
}
