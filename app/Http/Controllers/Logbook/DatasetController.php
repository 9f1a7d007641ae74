<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\DayRecords;
use App\Domain\Event\EventReader;
use App\Domain\Logbook\LoggedDay;
use App\Domain\Logbook\Measurements;
use App\Domain\Sky\Eclipses;
use App\Exports\Download;
use App\Exports\Logbook\Dataset;
use App\Http\Requests\Logbook\DatasetRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What was measured, for others: numbers and their description, nothing of anybody. */
final readonly class DatasetController
{
    public function __construct(
        private EventReader $reader,
        private DayRecords $records,
        private Measurements $measurements,
        private Eclipses $eclipses,
    ) {}

    public function show(Event $event, EventFrames $frames): View
    {
        return view('logbook.dataset', ['frame' => $frames->of($event)]);
    }

    public function csv(DatasetRequest $request, Event $event): Response
    {
        return Download::of($event, '-observations.csv', 'text/csv', $this->dataset($request, $event)->csv());
    }

    public function json(DatasetRequest $request, Event $event): Response
    {
        return Download::of($event, '-datapackage.json', 'application/json', $this->dataset($request, $event)->json());
    }

    private function dataset(DatasetRequest $request, Event $event): Dataset
    {
        $facts = $this->reader->facts($event);

        return new Dataset(event: $event, there: $request->rounding()->eclipse($facts->here, $this->eclipses->ephemeris), day: LoggedDay::of($this->records->of($event)), instruments: $this->measurements->of($facts), rounding: $request->rounding(), licence: $request->licence(), isNamed: $request->isNamed());
    }
}
