<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** How high the eyes are of those who come to an event; the room of the audience knows. */
interface EyeHeights
{
    /** @return array{lowest: float, highest: float}|null in metres above the ground, of all groups that look through glasses or a banner; null where there are none */
    public function of(Event $event): ?array;
}
