<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** The Sun in a camera's frame: a lens without distortion, focused at infinity. */
final readonly class Frame
{
    /** Radians a second that the Sun goes in the mean, 15″; on the celestial equator, elsewhere less by the cosine of its declination. */
    private const SUN_RATE = 2 * M_PI / 86400;

    private function __construct(
        public float $focalMm,
        public Sensor $sensor,
        private float $sunRadians,
    ) {}

    /** @throws PhotoException when a number is out of range */
    public static function of(float $focalMm, Sensor $sensor, float $sunArcmin): self
    {
        return new self(Measure::Focal->checked($focalMm), $sensor, deg2rad(Measure::SunDiameter->checked($sunArcmin) / 60));
    }

    /** Diameter of the Sun's image. */
    public function imageMm(): float
    {
        return 2 * $this->focalMm * tan($this->sunRadians / 2);
    }

    public function imagePx(): float
    {
        return $this->imageMm() / $this->sensor->pixelMm;
    }

    /** @return array{float, float} what the sensor sees of the sky: width and height in degrees */
    public function fieldDeg(): array
    {
        return array_map(fn(float $sideMm): float => rad2deg(2 * atan($sideMm / (2 * $this->focalMm))), [$this->sensor->widthMm, $this->sensor->heightMm]);
    }

    /** By how many pixels the image moves in a second where the mount stands still, at worst. */
    public function driftPxPerS(): float
    {
        return $this->focalMm * self::SUN_RATE / $this->sensor->pixelMm;
    }
}
