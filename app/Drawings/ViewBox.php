<?php

declare(strict_types=1);

namespace App\Drawings;

/** What of the drawing's plane an SVG shows, in the drawing's units. */
final readonly class ViewBox
{
    public function __construct(
        public float $left,
        public float $top,
        public float $width,
        public float $height,
    ) {}
}
