<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\EventFacts;
use App\Models\Logbook\InstrumentLog;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;
use Illuminate\Support\Facades\Date;

final readonly class LogbookRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $instruments = InstrumentLog::standing($facts->event->id)->count();
        $isOver = $facts->here->ends() < Date::now();

        return new RoomStatus(
            'logbook',
            __('Logbook'),
            route('logbook.instruments', $facts->event),
            match (true) {
                $instruments > 0 => trans_choice('{1} 1 instrument|[2,*] :count instruments', $instruments),
                $isOver => __('nothing measured'),
                default => __('after the eclipse'),
            },
            $isOver && $instruments === 0,
        );
    }
}
