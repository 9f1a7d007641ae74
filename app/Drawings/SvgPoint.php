<?php

declare(strict_types=1);

namespace App\Drawings;

use KeenShadow\Core\Geometry\PlanPoint;

/** A place on a plan for SVG: metres, x east, y south, to the centimetre. */
final readonly class SvgPoint
{
    private function __construct(
        public float $x,
        public float $y,
    ) {}

    public static function of(PlanPoint $point): self
    {
        return new self(round($point->eastM, 2), round(-$point->northM, 2) + 0.0);
    }
}
