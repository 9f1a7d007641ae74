<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** Who goes round at an event, and where to; the room of the audience knows. */
interface Rounds
{
    /** @return list<RoundParty> by name */
    public function parties(Event $event): array;

    /** @return list<RoundSpot> of every method that some group is to use */
    public function spots(Event $event): array;
}
