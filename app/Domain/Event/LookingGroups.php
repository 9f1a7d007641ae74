<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** Who is to get glasses at an event; the room of the audience knows. */
interface LookingGroups
{
    /** @return list<LookingGroup> by name */
    public function of(Event $event): array;

    /** @return array{needed: int, missing: int} pairs that those who may look need, sharing them as is usual, with spares; and how many of these are missing where so many are there */
    public function pairs(Event $event, int $there): array;
}
