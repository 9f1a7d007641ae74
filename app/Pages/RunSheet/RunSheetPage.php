<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\RunSheet\EventRota;
use App\Domain\RunSheet\EventSheet;
use App\Domain\RunSheet\FilterMoment;
use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Drawings\RunSheet\Lanes;
use App\Drawings\RunSheet\RotaEntries;
use App\Text\Clock;
use App\Text\FilterWords;
use DateTimeImmutable;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\Time\Interval;

/** The run sheet of an event: lanes below the ribbon, and the same as a list. */
final readonly class RunSheetPage
{
    /**
     * @param string $headline what the day comes to
     * @param int $stepS whole steps on which turns and duties begin, seconds
     * @param list<CueRow> $before days before
     * @param list<CueRow> $rows on the day, in order of time
     * @param string $wrong how many cues something is wrong with; empty where none is
     * @param string $caution what the rule about filters says here
     */
    private function __construct(
        public string $headline,
        public Interval $axis,
        public Lanes $lanes,
        public array $before,
        public array $rows,
        public string $wrong,
        public string $caution,
        public ?FilterSum $filters,
        public int $stepS,
        public SheetSteps $steps,
        public string $opens,
        public string $closes,
        public string $sought,
    ) {}

    /** @param string $sought words that a line must have to be listed */
    public static function of(EventFacts $facts, EventRota $rota, string $sought = ''): self
    {
        $events = EventSheet::of($facts->event);
        $sheet = $events->sheet();
        $moments = EventSheet::moments($facts);
        $written = WrittenSheet::of($facts, WrittenRota::of($rota));
        $clock = $written->clock;
        [$opens, $closes] = [$sheet->opens($moments), $sheet->closes($moments)];
        $axis = DayAxis::of($facts);
        $wrong = count(array_filter($written->cues, static fn(PlacedCue $p): bool => $p->notes !== []));
        $listed = static fn(bool $isBefore): array => array_values(array_filter(
            array_map(static fn(PlacedCue|FilterMoment $line): CueRow => CueRow::of($line, $clock), array_filter($written->lines(), static fn(PlacedCue|FilterMoment $line): bool => ($line instanceof PlacedCue && $line->cue->isDaysBefore()) === $isBefore)),
            static fn(CueRow $row): bool => $row->has($sought),
        ));

        return new self(
            headline: self::headline($sheet, $clock, $opens, $closes),
            wrong: $wrong === 0 ? '' : trans_choice('{1} 1 cue is to be looked at: it says why in the list.|[2,*] :count cues are to be looked at: they say why in the list.', $wrong),
            axis: $axis->interval(),
            lanes: Lanes::of($written, RotaEntries::of($rota, $clock), $axis->stack()),
            before: $listed(true),
            rows: $listed(false),
            caution: FilterWords::caution($written->filters, $clock),
            filters: $written->filterCues === null ? null : FilterSum::of($written->filterCues, $clock),
            stepS: 60 * $rota->rota()->wishes->stepMin,
            steps: SheetSteps::of($events),
            opens: $clock->minute($opens),
            closes: $clock->minute($closes),
            sought: $sought,
        );
    }

    private static function headline(Sheet $sheet, Clock $clock, DateTimeImmutable $opens, DateTimeImmutable $closes): string
    {
        return $sheet->cues === []
            ? __('No run sheet yet.')
            : trans_choice('{1} 1 cue, from :from to :to.|[2,*] :count cues, from :from to :to.', count($sheet->cues), ['from' => $clock->minute($opens), 'to' => $clock->minuteAndZone($closes)]);
    }
}
