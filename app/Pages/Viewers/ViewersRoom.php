<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Domain\Event\EventFacts;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;

final readonly class ViewersRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $count = $facts->event->viewers()->count();

        return new RoomStatus(
            'viewers',
            __('Viewers'),
            route('viewers.index', $facts->event),
            $count === 0 ? __('none designed yet') : trans_choice('{1} 1 design|[2,*] :count designs', $count),
            $count === 0,
        );
    }
}
