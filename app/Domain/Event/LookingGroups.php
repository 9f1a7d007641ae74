<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** Who is to get glasses at an event; the room of the audience knows. */
interface LookingGroups
{
    /** @return list<LookingGroup> by name */
    public function of(Event $event): array;

    /** Pairs that those who may look need, sharing them as is usual, with spares. */
    public function pairsNeeded(Event $event): int;
}
