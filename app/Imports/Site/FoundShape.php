<?php

declare(strict_types=1);

namespace App\Imports\Site;

use KeenShadow\Core\Position\Coordinates;
use KeenShadow\Core\Site\Plan\Shape;
use KeenShadow\Core\Site\Plan\ThingKind;

/** One outline, line or point as a file gave it. */
final readonly class FoundShape
{
    /** @param list<Coordinates> $points of an area without its closing corner */
    public function __construct(
        public string $name,
        public Shape $shape,
        public array $points,
        public ?ThingKind $kind = null,
        public ?float $heightM = null,
        public ?float $radiusM = null,
        public ?float $sillM = null,
    ) {}
}
