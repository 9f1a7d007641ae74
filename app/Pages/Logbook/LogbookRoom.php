<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\DayRecords;
use App\Domain\Event\EventFacts;
use App\Models\Logbook\InstrumentLog;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;
use Illuminate\Support\Facades\Date;

final readonly class LogbookRoom implements Room
{
    public function __construct(private DayRecords $records) {}

    public function status(EventFacts $facts): RoomStatus
    {
        $lines = $this->records->count($facts->event);
        $instruments = InstrumentLog::standing($facts->event->id)->count();
        $isOver = $facts->here->ends() < Date::now();

        return new RoomStatus(
            'logbook',
            __('Logbook'),
            route('logbook.show', $facts->event),
            match (true) {
                $lines + $instruments > 0 => implode(', ', array_filter([
                    $lines === 0 ? '' : trans_choice('{1} 1 line|[2,*] :count lines', $lines),
                    $instruments === 0 ? '' : trans_choice('{1} 1 instrument|[2,*] :count instruments', $instruments),
                ], static fn(string $words): bool => $words !== '')),
                $isOver => __('nothing written down'),
                default => __('nothing yet'),
            },
            $isOver && $lines + $instruments === 0,
        );
    }
}
