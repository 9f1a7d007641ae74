<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** What is to be built for an event; the room of the viewers knows. */
interface WantedViewers
{
    /** @return list<WantedViewer> by name */
    public function of(Event $event): array;
}
