<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;

/** A single thin lens behind a stop, that throws the Sun's image on a screen. Lengths in millimetres. */
final readonly class Lens
{
    /** Abbe number of spectacle lenses, of resin or crown glass (common practice, no source). */
    private const ABBE = 58.0;

    /**
     * @param float $distanceMm from lens to screen
     * @param float $stopMm width of the free opening
     */
    private function __construct(
        public float $distanceMm,
        public float $stopMm,
        public float $focalMm,
        private Light $light,
    ) {}

    /** @throws ViewerException when a length is out of range, or the stop wider than the way is long */
    public static function of(float $distanceMm, float $stopMm, float $focalMm, Light $light): self
    {
        Size::Distance->checked($distanceMm);
        Size::Focal->checked($focalMm);
        Size::Hole->checked($stopMm);
        if ($stopMm >= min($distanceMm, $focalMm)) {
            throw ViewerException::widerThanLong('hole_mm', $stopMm, min($distanceMm, $focalMm));
        }

        return new self($distanceMm, $stopMm, $focalMm, $light);
    }

    public function image(): ThrownImage
    {
        $imageMm = $this->light->imageMm($this->distanceMm);
        $geometricMm = $this->stopMm * abs($this->distanceMm - $this->focalMm) / $this->focalMm;

        return new ThrownImage(
            throwMm: $this->distanceMm,
            geometricBlurMm: $geometricMm,
            diffractionBlurMm: $this->light->airyMm($this->distanceMm, $this->stopMm),
            // All light of the stop falls on the image or, out of focus, on the wider patch of a point.
            illuminanceLx: $this->light->sunLx * ($this->stopMm / max($imageMm, $geometricMm)) ** 2,
            openingMm2: M_PI / 4 * $this->stopMm ** 2,
            light: $this->light,
        );
    }

    /** Where the Sun is sharp: it is as far as nothing else, so its image lies in the focus. */
    public function focusMm(): float
    {
        return $this->focalMm;
    }

    /** How far the screen may be off to either side until straight rays blur as much as diffraction does, 2.44·λ·(f/d)². */
    public function focusDepthMm(): float
    {
        return $this->light->airyMm($this->focalMm, $this->stopMm) * $this->focalMm / $this->stopMm;
    }

    /** Width of the coloured rim in the focus of green: blue and red lie half of f/V to either side, and spread over stop/(2·V). */
    public function colourBlurMm(): float
    {
        return $this->stopMm / (2 * self::ABBE);
    }

    /** Strength in dioptres, as spectacles are marked. */
    public function dioptres(): float
    {
        return 1000 / $this->focalMm;
    }
}
