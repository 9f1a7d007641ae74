<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Domain\Event\DayPlans;
use App\Domain\Event\DayRecords;
use App\Domain\Event\EventFacts;
use App\Domain\Event\StockAfter;
use App\Models\Event;
use App\Models\Logbook\EventReport;
use App\Models\Logbook\Incident;

/** Puts an event's report together. */
final readonly class Reports
{
    public function __construct(
        private DayPlans $plans,
        private DayRecords $records,
        private StockAfter $stock,
    ) {}

    /** @param list<Measured> $instruments */
    public function facts(EventFacts $facts, array $instruments): ReportFacts
    {
        return ReportFacts::of($facts, $this->plans->of($facts), LoggedDay::of($this->records->of($facts->event)), $instruments, $this->stock->counted($facts->event), array_values(Incident::standing($facts->event->id)->get()->all()));
    }

    /** The words that were written for it, blank before anybody did. */
    public static function words(Event $event): EventReport
    {
        return EventReport::query()->where('event_id', $event->id)->first() ?? new EventReport(['event_id' => $event->id]);
    }
}
