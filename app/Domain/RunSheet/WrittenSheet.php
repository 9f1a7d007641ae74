<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventFacts;
use App\Models\Event;
use App\Text\Clock;
use DateTimeImmutable;
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
        public Clock $clock,
    ) {}

    public static function of(EventFacts $facts): self
    {
        $filters = $facts->filters();

        return new self($facts->event, $facts->here, EventSheet::of($facts->event)->sheet()->placed(EventSheet::moments($facts)), $filters, FilterCues::of($facts->here, $filters), Clock::over($facts->here));
    }

    /** @return list<PlacedCue|FilterMoment> cues, with the moments of the filters between them, in order of time */
    public function lines(): array
    {
        $lines = [...$this->cues, ...FilterMoment::allOf($this->filterCues, $this->clock)];
        usort($lines, static fn(PlacedCue|FilterMoment $a, PlacedCue|FilterMoment $b): int => self::sorted($a) <=> self::sorted($b));

        return $lines;
    }

    /** @return array{bool, DateTimeImmutable|null} those without a time last */
    private static function sorted(PlacedCue|FilterMoment $line): array
    {
        $at = $line instanceof FilterMoment ? $line->at : $line->begins;

        return [$at === null, $at];
    }
}
