<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Pattern;

/** The middle of one hole, from the upper left corner of its card. */
final readonly class Hole
{
    public function __construct(
        public float $rightMm,
        public float $downMm,
    ) {}

    public function distanceMm(self $other): float
    {
        return hypot($this->rightMm - $other->rightMm, $this->downMm - $other->downMm);
    }
}
