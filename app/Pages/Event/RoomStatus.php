<?php

declare(strict_types=1);

namespace App\Pages\Event;

/** How far the work on an event has come in one room, and what is still to do there. */
final readonly class RoomStatus
{
    public function __construct(
        public string $room,
        public string $title,
        public string $url,
        public string $toDo,
        /** Whether there is something left to do. */
        public bool $isOpen,
    ) {}
}
