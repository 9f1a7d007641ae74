<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Domain\Event\EventFacts;
use App\Domain\Eyewear\LotState;
use App\Domain\Eyewear\Occasions;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;

final readonly class EyewearRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $left = LotState::left($facts->event, Occasions::next($facts->here));

        return new RoomStatus(
            'eyewear',
            __('Glasses'),
            route('eyewear.index', $facts->event),
            match ($left) {
                null => __('no glasses yet'),
                0 => __('all pairs inspected'),
                default => trans_choice('{1} 1 pair not inspected|[2,*] :count pairs not inspected', $left),
            },
            $left !== 0,
        );
    }
}
