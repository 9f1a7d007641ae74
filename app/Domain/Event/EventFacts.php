<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Site\Skyline\OutlookSummary;
use KeenShadow\Core\Sky\LocalEclipse;

/** What is known of an event before any page is asked for: its eclipse there, and what the site does to it. */
final readonly class EventFacts
{
    /** @param OutlookSummary|null $outlook from where the people who watch stand; null while nothing is drawn */
    public function __construct(
        public Event $event,
        public LocalEclipse $here,
        public ?OutlookSummary $outlook,
    ) {}

    /** What to do with filters where the people who watch stand, under the event's policy: one answer for visitors, crew and cameras. */
    public function filters(): Filters
    {
        return self::underPolicy($this->event, $this->filtersByPlace());
    }

    /** What a place allows, at an event whose policy can only be stricter. */
    public static function underPolicy(Event $event, Filters $byPlace): Filters
    {
        return $byPlace->under($event->policy?->inTheBook(), Standard::book());
    }

    /** The same whatever the policy: whether totality comes to this place at all. */
    public function filtersByPlace(): Filters
    {
        return Filters::forPlace($this->here, $this->outlook->hidden ?? []);
    }
}
