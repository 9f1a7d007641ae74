<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** What light falls on: a rectangle of square pixels. */
final readonly class Sensor
{
    private const UM = 1e-3;

    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $pixelMm,
    ) {}

    /** @throws PhotoException when a length is out of range */
    public static function of(float $widthMm, float $heightMm, float $pixelUm): self
    {
        Measure::Side->checked($widthMm, Measure::Side->value . '[0]');
        Measure::Side->checked($heightMm, Measure::Side->value . '[1]');

        return new self($widthMm, $heightMm, self::UM * Measure::Pixel->checked($pixelUm));
    }
}
