<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/**
 * How the Sun goes through the frame of a camera that stands still: for how long all of it is inside, with as much around it as is
 * wanted, and where it is to stand at first. Its way is a great circle here; within an hour it is one to a few hundredths.
 */
final readonly class Passage
{
    /** Slower than this along one side it never gets there. */
    private const STILL = 1e-9;

    /**
     * @param float $staysS 0 where it does not fit
     * @param array{float, float} $startMm of the Sun's middle from the middle of the picture, to the right and up
     */
    private function __construct(
        public float $staysS,
        public array $startMm,
        private float $pxPerS,
    ) {}

    /**
     * @param float $rollDeg by which the camera is turned against a level one, anticlockwise as one looks through it
     * @param float $radii of the Sun, from its middle, that are to be seen: 1 the disc alone, 3 the corona two radii from the limb
     */
    public static function of(Frame $frame, Motion $motion, float $rollDeg, float $radii): self
    {
        $way = deg2rad($motion->directionDeg - $rollDeg);
        $aroundMm = $radii * $frame->imageMm();
        $roomMm = min(
            max(0.0, $frame->sensor->widthMm - $aroundMm) / max(self::STILL, abs(cos($way))),
            max(0.0, $frame->sensor->heightMm - $aroundMm) / max(self::STILL, abs(sin($way))),
        );
        $staysS = 2 * rad2deg(atan($roomMm / (2 * $frame->focalMm))) / $motion->degPerS;

        return new self($staysS, [-$roomMm / 2 * cos($way), -$roomMm / 2 * sin($way)], $frame->focalMm * deg2rad($motion->degPerS) / $frame->sensor->pixelMm);
    }

    /** How long may be exposed until the image has moved by so many pixels. */
    public function longestExposureS(float $mostPx): float
    {
        return $mostPx / $this->pxPerS;
    }
}
