<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Domain\Event\EventReader;
use App\Models\Event;
use Illuminate\Container\Attributes\Tag;
use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Time\Interval;

/** Frames the pages of events: whatever rooms there are, each says its own state. */
final readonly class EventFrames
{
    /** @param iterable<Room> $rooms in the order of work */
    public function __construct(
        private EventReader $reader,
        #[Tag('rooms')]
        private iterable $rooms,
    ) {}

    /** @param Interval|null $axis what the ribbon shows, where it is more than usual */
    public function of(Event $event, ?Interval $axis = null): EventFrame
    {
        $facts = $this->reader->facts($event);

        return EventFrame::of($facts, array_map(static fn(Room $room): RoomStatus => $room->status($facts), array_values([...$this->rooms])), Date::now(), $axis);
    }
}
