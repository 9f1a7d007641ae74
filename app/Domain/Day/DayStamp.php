<?php

declare(strict_types=1);

namespace App\Domain\Day;

use App\Models\Event;

/** Tells whether what a screen holds of an event's day is what holds now. */
final class DayStamp
{
    public static function of(Event $event): string
    {
        return substr(hash('sha256', implode(' ', [$event->uuid, $event->sheet_revision_id, $event->plan_revision_id, $event->sequence, $event->updated_at?->format('U.u')])), 0, 16);
    }
}
