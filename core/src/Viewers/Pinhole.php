<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\ImageQuality;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Measure;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Verdict;

/** A small round hole that throws the Sun's image on a screen square to the light. Lengths in mm. */
final readonly class Pinhole
{
    /** Green light, where the eye is keenest. */
    public const WAVELENGTH_MM = 550e-6;

    public const LEAST_DISTANCE_MM = 100;
    public const MOST_DISTANCE_MM = 30000;
    public const LEAST_HOLE_MM = 0.1;
    public const MOST_HOLE_MM = 50;

    /** A disc smaller than this is hard to see at arm's length (own judgement). */
    public const SMALLEST_IMAGE_MM = 2.5;

    private function __construct(
        public float $distanceMm,
        public float $holeMm,
        private float $sunDiameterRad,
    ) {}

    /**
     * @param float $distanceMm from hole to screen
     * @param float $holeMm width of the hole
     * @param float $sunDiameterDeg the Sun's apparent diameter that day
     *
     * @throws ViewerException when a length is out of range
     */
    public static function of(float $distanceMm, float $holeMm, float $sunDiameterDeg): self
    {
        if (!($distanceMm >= self::LEAST_DISTANCE_MM && $distanceMm <= self::MOST_DISTANCE_MM)) {
            throw ViewerException::outOfRange('distance_mm', $distanceMm, self::LEAST_DISTANCE_MM, self::MOST_DISTANCE_MM);
        }
        if (!($holeMm >= self::LEAST_HOLE_MM && $holeMm <= self::MOST_HOLE_MM)) {
            throw ViewerException::outOfRange('hole_mm', $holeMm, self::LEAST_HOLE_MM, self::MOST_HOLE_MM);
        }

        return new self($distanceMm, $holeMm, deg2rad($sunDiameterDeg));
    }

    /** D = 2·L·tan(s/2). */
    public function imageMm(): float
    {
        return 2 * $this->distanceMm * tan($this->sunDiameterRad / 2);
    }

    /** Width of the Airy disc on the screen, 2.44·λ·L/d. */
    public function diffractionMm(): float
    {
        return 2.44 * self::WAVELENGTH_MM * $this->distanceMm / $this->holeMm;
    }

    /** The hole's own width and the diffraction, added in quadrature. */
    public function blurMm(): float
    {
        return hypot($this->holeMm, $this->diffractionMm());
    }

    /** How many blur widths fit across the disc. */
    public function detailsAcross(): float
    {
        return $this->imageMm() / $this->blurMm();
    }

    /** The smallest bite that shows, as a fraction of the Sun's diameter: one blur width. */
    public function smallestBite(): float
    {
        return min(1.0, 1 / $this->detailsAcross());
    }

    /**
     * Illuminance in the middle of the image: the part of the Sun that is seen through the hole from there.
     *
     * @param float $sunLux on a surface turned to the Sun
     */
    public function imageLux(float $sunLux): float
    {
        return $sunLux * min(1.0, ($this->holeMm / $this->imageMm()) ** 2);
    }

    /** Whether the image has the Sun's shape rather than the hole's: D > d. */
    public function showsTheSun(): bool
    {
        return $this->imageMm() > $this->holeMm;
    }

    public function verdict(): Verdict
    {
        $findings = [];
        if (!$this->showsTheSun()) {
            $findings[] = Finding::measured(
                Measure::ImageWiderThanHole,
                Level::No,
                'The hole is wider than the Sun\'s image: the patch of light has the hole\'s shape and shows no bite.',
                'Make the hole smaller or the box longer.',
            );
        } elseif ($this->detailsAcross() < ImageQuality::FEWEST_DETAILS) {
            $findings[] = Finding::measured(
                Measure::DetailsAcross,
                Level::Hold,
                'The picture is so soft that a crescent looks like a blob.',
                $this->holeMm > $this->diffractionMm() ? 'Make the hole smaller or the box longer.' : 'Make the hole larger or the box longer.',
            );
        }
        if ($this->imageMm() < self::SMALLEST_IMAGE_MM) {
            $findings[] = Finding::measured(
                Measure::ImageLargeEnough,
                Level::Hold,
                'The image is very small.',
                'Make the box longer: the image grows with the distance.',
            );
        }

        return Verdict::of(ViewersSubject::Viewer, $findings, Finding::measured(
            Measure::DetailsAcross,
            Level::Yes,
            'The disc is large and sharp enough to show a bite.',
            'Try it on an ordinary sunny day before the eclipse.',
        ));
    }

    /** A look at its image, for the rule book to be asked about. */
    public static function situation(): Situation
    {
        return Situation::of(['look' => 'pinhole_screen', 'filter' => 'none', 'instrument' => 'none']);
    }
}
