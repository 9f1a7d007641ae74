<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

/** A place on the Earth, with the height and the name where they are known. */
final readonly class Coordinates
{
    public function __construct(
        public float $latDeg,
        public float $lonDeg,
        public ?float $heightM = null,
        public ?string $name = null,
        /** Whether the height is above the ellipsoid, as satellites measure it, and not above the sea. */
        public bool $isHeightOverEllipsoid = false,
    ) {}
}
