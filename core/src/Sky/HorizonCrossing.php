<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;

/** A sunrise or a sunset. */
final readonly class HorizonCrossing
{
    public function __construct(
        public DateTimeImmutable $time,
        public bool $isRise,
        public float $azimuthDeg,
    ) {}
}
