<?php

declare(strict_types=1);

namespace App\Domain\Day;

use Carbon\CarbonImmutable;
use KeenShadow\Core\Day\EntryKind;

/** What a device sends of one line of the log. */
final readonly class NewEntry
{
    /**
     * @param string $uuid made by the device
     * @param string|null $rehearsal UUID of the one it belongs to; null is the day itself
     * @param string|null $observed kind of what was observed, where that is what it is
     * @param CarbonImmutable $madeAt by the server's clock, as far as the device told
     * @param int|null $offsetMs by how much the device's own clock was behind
     * @param int|null $uncertaintyMs null where it was never compared
     */
    public function __construct(
        public string $uuid,
        public EntryKind $kind,
        public ?string $rehearsal,
        public ?string $about,
        public ?string $text,
        public ?string $observed,
        public ?float $value,
        public CarbonImmutable $madeAt,
        public ?int $offsetMs,
        public ?int $uncertaintyMs,
    ) {}
}
