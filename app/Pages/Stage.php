<?php

declare(strict_types=1);

namespace App\Pages;

/** One stage of the work on an event, and what is still to do in it. */
final readonly class Stage
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
