<?php

declare(strict_types=1);

namespace App\Domain\Event;

use DateTimeImmutable;

/** One entry about something, for whoever asks what is on record of it. */
final readonly class RecordLine
{
    public function __construct(
        public DateTimeImmutable $at,
        public string $words,
        public string $who,
    ) {}
}
