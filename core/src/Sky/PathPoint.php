<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;

/** A point of the central line with what is seen there. */
final readonly class PathPoint
{
    public function __construct(
        public DateTimeImmutable $time,
        public float $latDeg,
        public float $lonDeg,
        public float $sunAltitudeDeg,
        public float $durationSeconds,
        public float $widthKm,
    ) {}
}
