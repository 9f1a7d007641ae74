<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Surroundings;

/** The Sun's image on a screen square to the light: how large, how soft, how bright. Lengths in millimetres. */
final readonly class ThrownImage
{
    /** Width of the Sun's image, without its soft rim. */
    public float $diameterMm;

    /**
     * @param float $throwMm from what throws it to the screen, or the focal length of a lens that would throw it as large
     * @param float $geometricBlurMm width of the patch that a single point of the Sun makes by straight rays
     * @param float $diffractionBlurMm width of the Airy disc
     * @param float $illuminanceLx mean over the image of the whole Sun, without what glass and mirrors lose
     * @param float $openingMm2 area of what lets the light in
     */
    public function __construct(
        public float $throwMm,
        public float $geometricBlurMm,
        public float $diffractionBlurMm,
        public float $illuminanceLx,
        public float $openingMm2,
        private Light $light,
    ) {
        $this->diameterMm = $light->imageMm($throwMm);
    }

    /** Both blurs in quadrature. */
    public function blurMm(): float
    {
        return hypot($this->geometricBlurMm, $this->diffractionBlurMm);
    }

    /** How many blur widths fit across the disc. */
    public function detailsAcross(): float
    {
        return $this->diameterMm / $this->blurMm();
    }

    /** The smallest bite that shows, as a share of the Sun's diameter: one blur width. */
    public function smallestBite(): float
    {
        return min(1.0, 1 / $this->detailsAcross());
    }

    /** Whether the image has the Sun's shape rather than the opening's. */
    public function showsTheSun(): bool
    {
        return $this->diameterMm > $this->geometricBlurMm;
    }

    /** How much brighter the image is than the stray light on the screen, as a share of that; 0.1 is hard to see. */
    public function contrast(Surroundings $surroundings): float
    {
        return $this->illuminanceLx / max(1e-9, $surroundings->strayLx($this->light->sunLx));
    }

    /** How fast it walks over a screen when nothing is moved, at most. */
    public function speedMmPerMin(): float
    {
        return $this->throwMm * Light::RATE_RAD_PER_S * 60;
    }

    /** All the light of the whole Sun that comes through the opening, in lumens. */
    public function fluxLm(): float
    {
        return $this->light->sunLx * $this->openingMm2 * 1e-6;
    }

    /** How many times direct sunlight falls on it: the light of the whole opening over that on the same area in the Sun, however dim the Sun is just now. */
    public function suns(): float
    {
        return $this->openingMm2 / (M_PI / 4 * max($this->diameterMm, $this->geometricBlurMm) ** 2);
    }
}
