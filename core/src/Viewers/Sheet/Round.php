<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** A circle, in millimetres from the template's upper left corner. */
final readonly class Round
{
    public function __construct(
        public LineKind $kind,
        public float $rightMm,
        public float $downMm,
        public float $radiusMm,
    ) {}
}
