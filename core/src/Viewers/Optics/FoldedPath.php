<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

use KeenShadow\Core\Viewers\Size;

/** A way of light that flat mirrors fold into a box: as long as its legs together. Lengths in millimetres. */
final readonly class FoldedPath
{
    /** What a household mirror with its silver behind the glass gives back (common practice, no source). */
    private const GIVEN_BACK = 0.85;

    /** @param non-empty-list<float> $legsMm from one mirror to the next, the last one to the screen */
    private function __construct(public array $legsMm) {}

    /**
     * The way folded into so many legs of one length.
     *
     * @throws \KeenShadow\Core\Viewers\ViewerException when it is out of range
     */
    public static function evenly(float $distanceMm, int $mirrors): self
    {
        return new self(array_fill(0, max(1, $mirrors + 1), Size::Distance->checked($distanceMm) / ($mirrors + 1)));
    }

    public function mirrors(): int
    {
        return count($this->legsMm) - 1;
    }

    public function distanceMm(): float
    {
        return array_sum($this->legsMm);
    }

    /** The box is as long as its longest leg. */
    public function boxMm(): float
    {
        return max($this->legsMm);
    }

    /** Share of the light that the mirrors leave. */
    public function transmittance(): float
    {
        return self::GIVEN_BACK ** $this->mirrors();
    }
}
