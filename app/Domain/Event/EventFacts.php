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

    /** What to do with filters where the people who watch stand. */
    public function filters(): Filters
    {
        return Filters::forPlace($this->here, $this->outlook->hidden ?? []);
    }

    /** The same for those who come, under the event's policy; the crew at the cameras goes by the place alone. */
    public function filtersOfVisitors(): Filters
    {
        return $this->filters()->under($this->event->policy?->inTheBook(), Standard::book());
    }
}
