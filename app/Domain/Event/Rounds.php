<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** Who goes round at an event, and where to; the room of the audience knows. */
interface Rounds
{
    public function of(Event $event): RoundPlan;
}
