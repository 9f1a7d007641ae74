<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Lenses;

/** A pair of glasses that does not exist, as it is drawn: at most one fault, on one of its lenses. */
final readonly class DrawnPair
{
    /** Usual card glasses: one lens, and the distance of their middles (common practice, no source). */
    public const LENS_WIDTH_MM = 40.0;
    public const LENS_HEIGHT_MM = 30.0;
    public const MIDDLES_MM = 66.0;

    /**
     * @param LensFault|null $fault null is fit
     * @param float $x of the fault from the middle of its lens, in half widths
     * @param float $y the same upwards, in half heights
     * @param float $sizeMm of it
     */
    public function __construct(
        public ?LensFault $fault,
        public bool $isRight,
        public float $x,
        public float $y,
        public float $turnDeg,
        public float $sizeMm,
    ) {}
}
