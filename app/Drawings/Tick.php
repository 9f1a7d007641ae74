<?php

declare(strict_types=1);

namespace App\Drawings;

/** A mark on an axis, in the drawing's units along it. */
final readonly class Tick
{
    public function __construct(
        public float $at,
        public string $label,
    ) {}
}
