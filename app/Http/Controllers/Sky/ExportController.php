<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Exports\ContactsCalendar;
use App\Exports\ContactsTable;
use App\Exports\Download;
use App\Models\Event;
use App\Pages\Site\EventSite;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\LocalEclipse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;

/** An event's times as files. */
final class ExportController
{
    public function __construct(private readonly Eclipses $eclipses) {}

    public function calendar(Event $event): Response
    {
        $site = $this->site($event);

        return Download::of($event, '.ics', 'text/calendar', ContactsCalendar::of($event, $site->here, $site->filters(), Date::now()));
    }

    public function table(Event $event): Response
    {
        $site = $this->site($event);

        return Download::of($event, '.csv', 'text/csv', ContactsTable::of($event, $site->here, $site->filters()));
    }

    private function site(Event $event): EventSite
    {
        return EventSite::of($event, LocalEclipse::of($event, $this->eclipses));
    }
}
