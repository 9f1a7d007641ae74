<?php

declare(strict_types=1);

namespace App\Imports\Sky;

/** One place as a file gave it, checked. */
final readonly class PlaceInput
{
    public function __construct(
        public string $name,
        public float $lat,
        public float $lon,
        public float $heightM,
    ) {}
}
