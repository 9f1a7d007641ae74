<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;
use App\Models\Eyewear\Lot;

/** What is on record of glasses and filters; the room of glasses has it. */
interface PairsOfLots
{
    /** @return array<int, string> labels of the organisation's lots, by number */
    public function labels(Event $event): array;

    /** @return list<RecordLine> all that was ever entered about one pair, in order of time */
    public function record(Lot $lot, int $tag): array;

    /** What its papers come to on the day of the event, and why; a hold is among the reasons. */
    public function papers(Event $event, Lot $lot): string;

    /** @return array<string, string> tags as "1–40, 44", by what was found of them for this event; those that nobody looked over among them */
    public function pairs(Event $event, Lot $lot): array;
}
