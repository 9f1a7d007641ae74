<?php

declare(strict_types=1);

namespace App\Domain;

/** A room of the house that says its own state; the rooms stand in AppServiceProvider, in the order of work. */
interface Room
{
    public function status(EventFacts $facts): RoomStatus;
}
