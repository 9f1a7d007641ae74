<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Models\Event;
use App\Text\Clock;
use DateTimeImmutable;
use DateTimeZone;

/** Something that one helper does at one event, for whatever goes out of the house. */
final readonly class WrittenDuty
{
    /**
     * @param string $uid that it keeps
     * @param string $what station, or name of a cue
     * @param string $where it stands; empty where nobody has said
     * @param list<string> $lines what is to be known of it
     * @param string $filters what the rule about filters says at its event, in a few words
     */
    public function __construct(
        public Event $event,
        public DateTimeZone $zone,
        public Clock $clock,
        public string $uid,
        public string $what,
        public string $where,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public array $lines,
        public string $filters,
    ) {}
}
