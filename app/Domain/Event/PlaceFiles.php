<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Sky\BundledFile;

/** What a room makes of an event at one of many places, for work on the queue. */
interface PlaceFiles
{
    /**
     * @param EventFacts $there the event as it would be at that place
     * @param string $ending of what calendars call its entries, so that no two places have the same
     * @param string $paper by its word
     *
     * @return string|null null where another room makes it, or there is none
     */
    public function content(BundledFile $file, EventFacts $there, string $ending, string $paper): ?string;
}
