<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;

/** A point of the central line with what is seen there, and the path's limits to either side. */
final readonly class PathPoint
{
    /**
     * @param array{float, float} $leftLimit latitude, longitude of the limit to the left of the shadow's way
     * @param array{float, float} $rightLimit to the right
     */
    public function __construct(
        public DateTimeImmutable $time,
        public float $latDeg,
        public float $lonDeg,
        public float $sunAltitudeDeg,
        public float $durationSeconds,
        public float $widthKm,
        public array $leftLimit,
        public array $rightLimit,
    ) {}
}
