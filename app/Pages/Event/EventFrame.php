<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Domain\Event\EventFacts;
use App\Drawings\Event\ShadowRibbon;
use App\Models\Event;
use App\Text\Clock;
use DateTimeImmutable;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Time\Interval;

/** What every page of an event has around it: the rooms with what is still to do, and the shadow ribbon. */
final readonly class EventFrame
{
    /** @param list<RoomStatus> $rooms in the order of work */
    private function __construct(
        public Event $event,
        public LocalEclipse $here,
        public Clock $clock,
        public Filters $filters,
        private bool $isTotalityOfUse,
        public ShadowRibbon $ribbon,
        public array $rooms,
    ) {}

    /**
     * @param list<RoomStatus> $rooms
     * @param Interval|null $axis what the ribbon shows, where it is more than usual
     */
    public static function of(EventFacts $facts, array $rooms, DateTimeImmutable $now, ?Interval $axis = null): self
    {
        return new self(
            event: $facts->event,
            here: $facts->here,
            clock: Clock::over($facts->here),
            filters: $facts->filters(),
            isTotalityOfUse: $facts->filtersByPlace()->mayComeOff(),
            ribbon: ShadowRibbon::of($facts->here, $facts->outlook->spans ?? [], $now, $axis),
            rooms: $rooms,
        );
    }

    /** Where there is no totality that can be used, some of the bright Sun shows all the time. */
    public function hasNoTotality(): bool
    {
        return !$this->isTotalityOfUse;
    }

    /** @return array{phase: string|null, policy: string|null} what the rule book may take as known of this event; null is unknown */
    public function knownToTheBook(bool $isThroughBanner = false): array
    {
        $bright = $this->here->circumstances->kind === LocalKind::None ? 'none' : 'partial';

        return ['phase' => $this->hasNoTotality() ? $bright : null, 'policy' => $this->event->policy?->inTheBook($isThroughBanner)];
    }

    /** What the book says of a situation at this event. */
    public function answer(Situation $situation, bool $isThroughBanner = false): Answer
    {
        return Standard::book()->ask(Situation::of($situation->told() + $this->knownToTheBook($isThroughBanner)));
    }
}
