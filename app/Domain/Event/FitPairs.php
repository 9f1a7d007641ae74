<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** How many pairs of glasses an event can count on; the room of glasses knows. */
interface FitPairs
{
    /** Pairs found fit, of lots whose papers are in order on the day. */
    public function count(Event $event): int;
}
