<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** The finest that a lens and a sensor tell apart, each by itself, in seconds of arc: 1.22·λ/D (Rayleigh 1879; at 550 nm) and two pixels (Shannon 1949). */
final readonly class Resolution
{
    private const RAYLEIGH = 1.22;
    private const WAVELENGTH_MM = 550e-6;
    private const PIXELS = 2;
    private const ARCSEC = 3600;

    private function __construct(
        public float $lensArcsec,
        public float $sensorArcsec,
    ) {}

    /** @param float $apertureMm free opening of the lens, or of the filter before it where that is smaller */
    public static function of(Frame $frame, float $apertureMm): self
    {
        return new self(
            self::ARCSEC * rad2deg(self::RAYLEIGH * self::WAVELENGTH_MM / $apertureMm),
            self::ARCSEC * rad2deg(self::PIXELS * $frame->sensor->pixelMm / $frame->focalMm),
        );
    }

    /** Of both together. */
    public function arcsec(): float
    {
        return max($this->lensArcsec, $this->sensorArcsec);
    }
}
