<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;
use DateTimeImmutable;

/** Glasses after an event: what came back, and how they stand for the next; the room of glasses knows. */
interface StockAfter
{
    /** @return list<CountedLot> of which some went out, by label */
    public function counted(Event $event): array;

    /** @return array<string, string> what the papers of each lot say for a use on that day, by label */
    public function standing(Event $event, DateTimeImmutable $useOn): array;
}
