<?php

declare(strict_types=1);

namespace App\Domain\Event;

use DateTimeImmutable;

/** Somebody at a post, for whoever goes by it on the day. */
final readonly class DayDuty
{
    /**
     * @param string $id of the post
     * @param string $who as they are called
     * @param string $what station
     * @param string $where it stands; empty where nobody has said
     * @param string $time on the place's clock, from when to when
     * @param string $begins on the place's clock
     */
    public function __construct(
        public string $id,
        public string $who,
        public string $what,
        public string $where,
        public string $time,
        public string $begins,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
    ) {}
}
