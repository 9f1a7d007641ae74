<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Domain\EventFacts;
use App\Domain\Room;
use App\Domain\RoomStatus;

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
