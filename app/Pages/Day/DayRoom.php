<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Domain\Event\EventFacts;
use App\Models\Day\Rehearsal;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;

final readonly class DayRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $rehearsals = Rehearsal::query()->where('event_id', $facts->event->id)->count();

        return new RoomStatus(
            'day',
            __('The day'),
            route('day.show', $facts->event),
            $rehearsals === 0 ? __('not rehearsed yet') : trans_choice('{1} rehearsed once|[2,*] rehearsed :count times', $rehearsals),
            $rehearsals === 0,
        );
    }
}
