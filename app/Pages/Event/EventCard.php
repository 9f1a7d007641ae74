<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Domain\Sky\SkyAnswer;
use App\Drawings\Event\ShadowRibbon;
use App\Models\Event;
use Illuminate\Support\Facades\Date;

/** An event in the list of events: what is seen, its small ribbon, and what is to do next. */
final readonly class EventCard
{
    private function __construct(
        public Event $event,
        public string $answer,
        public ShadowRibbon $ribbon,
        public bool $isOver,
        public string $next,
        public string $url,
    ) {}

    public static function of(EventFrame $frame): self
    {
        $open = array_values(array_filter($frame->rooms, static fn(RoomStatus $room): bool => $room->isOpen))[0] ?? null;
        $isOver = $frame->here->ends() < Date::now();

        return new self(
            $frame->event,
            SkyAnswer::of($frame->here)->headline,
            $frame->ribbon,
            $isOver,
            match (true) {
                $isOver => '',
                $open === null => __('nothing left to do so far'),
                default => __('Next: :room, :what', ['room' => $open->title, 'what' => $open->toDo]),
            },
            $open === null || $isOver ? route('sky.show', $frame->event) : $open->url,
        );
    }
}
