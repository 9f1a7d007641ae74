<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Domain\Event\EventFacts;

/** A room of the house that says its own state; the rooms stand in AppServiceProvider, in the order of work. */
interface Room
{
    public function status(EventFacts $facts): RoomStatus;
}
