<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Domain\Event\EventFacts;
use App\Drawings\Event\ShadowRibbon;
use App\Models\Event;
use App\Text\Clock;
use DateTimeImmutable;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalEclipse;

/** What every page of an event has around it: the rooms with what is still to do, and the shadow ribbon. */
final readonly class EventFrame
{
    /** @param list<RoomStatus> $rooms in the order of work */
    private function __construct(
        public Event $event,
        public LocalEclipse $here,
        public Clock $clock,
        public Filters $filters,
        public ShadowRibbon $ribbon,
        public array $rooms,
    ) {}

    /** @param list<RoomStatus> $rooms */
    public static function of(EventFacts $facts, array $rooms, DateTimeImmutable $now): self
    {
        return new self(
            $facts->event,
            $facts->here,
            Clock::over($facts->here),
            $facts->filters(),
            ShadowRibbon::of($facts->here, $facts->outlook->spans ?? [], $now),
            $rooms,
        );
    }
}
