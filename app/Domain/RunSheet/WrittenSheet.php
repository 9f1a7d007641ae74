<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventFacts;
use App\Models\Event;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\RunSheet\Cues\FilterCues;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\Sky\LocalEclipse;

/** A run sheet with its times, for whatever goes out of the house. */
final readonly class WrittenSheet
{
    /** @param list<PlacedCue> $cues in order of time */
    private function __construct(
        public Event $event,
        public LocalEclipse $here,
        public array $cues,
        public Filters $filters,
        public ?FilterCues $filterCues,
    ) {}

    public static function of(EventFacts $facts): self
    {
        $filters = $facts->filters();

        return new self($facts->event, $facts->here, EventSheet::of($facts->event)->sheet()->placed(EventSheet::moments($facts)), $filters, FilterCues::of($facts->here, $filters));
    }
}
