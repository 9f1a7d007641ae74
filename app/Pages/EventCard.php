<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawings\ShadowRibbon;
use App\Models\Event;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\SkyAnswer;
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

    public static function of(Event $event, Eclipses $eclipses): self
    {
        $frame = EventFrame::of($event, $eclipses);
        $open = array_values(array_filter($frame->stages, static fn(Stage $stage): bool => $stage->isOpen))[0] ?? null;
        $isOver = $frame->here->ends() < Date::now();

        return new self(
            $event,
            SkyAnswer::of($frame->here)->headline,
            $frame->ribbon,
            $isOver,
            match (true) {
                $isOver => '',
                $open === null => __('nothing left to do so far'),
                default => __('Next: :stage, :what', ['stage' => $open->title, 'what' => $open->toDo]),
            },
            $open === null || $isOver ? route('sky.show', $event) : $open->url,
        );
    }
}
