<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Event\EventFacts;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;

final readonly class SkyRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        return new RoomStatus(
            'sky',
            __('Sky'),
            route('sky.show', $facts->event),
            $facts->here->cutBy() === null ? __('times ready') : __('the horizon cuts the eclipse'),
            false,
        );
    }
}
