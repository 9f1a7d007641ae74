<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Event\EventReader;
use App\Exports\Download;
use App\Exports\Sky\ContactsCalendar;
use App\Exports\Sky\ContactsTable;
use App\Models\Event;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;

/** An event's times as files. */
final class ExportController
{
    public function __construct(private readonly EventReader $reader) {}

    public function calendar(Event $event): Response
    {
        $facts = $this->reader->facts($event);

        return Download::of($event, '.ics', 'text/calendar', ContactsCalendar::of($event, $facts->here, $facts->filters(), Date::now()));
    }

    public function table(Event $event): Response
    {
        $facts = $this->reader->facts($event);

        return Download::of($event, '.csv', 'text/csv', ContactsTable::of($event, $facts->here, $facts->filters()));
    }
}
