<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Domain\Event\EventFacts;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;

final readonly class AudienceRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $people = (int) $facts->event->audienceGroups()->sum('people');

        return new RoomStatus(
            'audience',
            __('Audience'),
            route('audience.index', $facts->event),
            match (true) {
                $people === 0 => __('no groups yet'),
                $facts->event->policy === null => __('no policy chosen yet'),
                default => trans_choice('{1} 1 person comes|[2,*] :count people come', $people),
            },
            $people === 0 || $facts->event->policy === null,
        );
    }
}
