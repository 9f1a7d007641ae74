<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventFacts;
use App\Models\Event;
use App\Text\Clock;
use DateTimeImmutable;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\RunSheet\Cues\Busy;
use KeenShadow\Core\RunSheet\Cues\FilterCues;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\Sky\LocalEclipse;

/** A run sheet with its times, for whatever goes out of the house. */
final readonly class WrittenSheet
{
    /**
     * @param list<PlacedCue> $cues in order of time
     * @param string $ending of what calendars call its entries
     */
    private function __construct(
        public Event $event,
        public LocalEclipse $here,
        public array $cues,
        public Filters $filters,
        public ?FilterCues $filterCues,
        public Clock $clock,
        public string $ending,
    ) {}

    /** @param WrittenRota|null $rota who has duties besides: a cue that wants them is pointed out */
    public static function of(EventFacts $facts, ?WrittenRota $rota = null): self
    {
        return self::written($facts, EventSheet::of($facts->event)->sheet(), '', $rota?->busy() ?? []);
    }

    /**
     * The cues of an event at another place, of which no site plan is known: what is not seen there has no time, and what is called of the sky
     * there is added.
     *
     * @param EventFacts $there the event as it would be there
     * @param string $ending of what calendars call its entries, so that no two places have the same
     */
    public static function elsewhere(EventFacts $there, string $ending): self
    {
        $sheet = EventSheet::of($there->event)->sheet();

        return self::written($there, $sheet->cues === [] ? $sheet : $sheet->withNew(...NewCues::ofSky($there)), $ending, []);
    }

    /** @param list<Busy> $busy */
    private static function written(EventFacts $facts, Sheet $sheet, string $ending, array $busy): self
    {
        $filters = $facts->filters();

        return new self(event: $facts->event, here: $facts->here, cues: $sheet->placed(EventSheet::moments($facts), $busy), filters: $filters, filterCues: FilterCues::of($facts->here, $filters), clock: Clock::over($facts->here), ending: $ending);
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
