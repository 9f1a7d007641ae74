<?php

declare(strict_types=1);

namespace App\Domain\Event;

use DateTimeImmutable;

/** A line that somebody types from paper, or that corrects another. */
final readonly class NewRecord
{
    /**
     * @param string $uuid of the form and the line in it
     * @param int $withinS how sure its time is
     * @param int|null $correctsId of the line that it takes the place of
     * @param bool $isTakenOut it takes it out, no more
     */
    public function __construct(
        public string $uuid,
        public DateTimeImmutable $at,
        public string $observed,
        public ?float $value,
        public string $words,
        public string $who,
        public int $withinS,
        public ?int $correctsId = null,
        public bool $isTakenOut = false,
    ) {}
}
