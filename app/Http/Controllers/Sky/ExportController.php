<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Exports\ContactsCalendar;
use App\Exports\ContactsTable;
use App\Models\Event;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\LocalEclipse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;

/** An event's times as files. */
final class ExportController
{
    public function __construct(private readonly Eclipses $eclipses) {}

    public function calendar(Event $event): Response
    {
        return $this->file($event, 'ics', 'text/calendar', ContactsCalendar::of($event, LocalEclipse::of($event, $this->eclipses), Date::now()));
    }

    public function table(Event $event): Response
    {
        return $this->file($event, 'csv', 'text/csv', ContactsTable::of($event, LocalEclipse::of($event, $this->eclipses)));
    }

    private function file(Event $event, string $ending, string $type, string $content): Response
    {
        $name = Str::slug($event->title) === '' ? "event-{$event->id}" : Str::slug($event->title);

        return response($content, 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"{$name}.{$ending}\"",
        ]);
    }
}
