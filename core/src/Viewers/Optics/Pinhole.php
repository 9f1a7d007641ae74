<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;

/**
 * A small hole that throws the Sun's image on a screen square to the light; or a flat mirror with so small an opening, which
 * folds the way and changes nothing else. Lengths in millimetres.
 *
 * Geometry and far-field diffraction are added in quadrature, which is within some per cent about the best hole (Young,
 * Applied Optics 10 (1971) 2763, from memory), and exact where one of them is much the larger.
 */
final readonly class Pinhole
{
    /**
     * @param float $distanceMm from hole to screen
     * @param float $holeMm width of the hole
     */
    private function __construct(
        public float $distanceMm,
        public float $holeMm,
        public HoleShape $shape,
        private Light $light,
    ) {}

    /** @throws ViewerException when a length is out of range, or the hole as wide as the way is long */
    public static function of(float $distanceMm, float $holeMm, Light $light, HoleShape $shape = HoleShape::Round): self
    {
        Size::Distance->checked($distanceMm);
        if (Size::Hole->checked($holeMm) >= $distanceMm) {
            throw ViewerException::widerThanLong('hole_mm', $holeMm, $distanceMm);
        }

        return new self($distanceMm, $holeMm, $shape, $light);
    }

    public function image(): ThrownImage
    {
        $imageMm = $this->light->imageMm($this->distanceMm);

        return new ThrownImage(
            throwMm: $this->distanceMm,
            geometricBlurMm: $this->holeMm,
            diffractionBlurMm: $this->light->airyMm($this->distanceMm, $this->holeMm),
            illuminanceLx: $this->light->sunLx * $this->seenShare($imageMm),
            openingMm2: $this->openingMm2(),
            light: $this->light,
        );
    }

    /** The part of the Sun that is seen through the hole from the middle of its image. */
    private function seenShare(float $imageMm): float
    {
        return min(1.0, $this->openingMm2() / (M_PI / 4 * $imageMm ** 2));
    }

    private function openingMm2(): float
    {
        return $this->shape->area() * $this->holeMm ** 2;
    }
}
