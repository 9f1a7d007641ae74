<?php

declare(strict_types=1);

namespace App\Domain\Day;

use Carbon\CarbonImmutable;

/** A rehearsal that a device has begun. */
final readonly class NewRehearsal
{
    /** @param string $uuid made by the device */
    public function __construct(
        public string $uuid,
        public CarbonImmutable $fromAt,
        public CarbonImmutable $begunAt,
        public int $speed,
        public bool $isForAll,
    ) {}
}
