<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\WrittenSheet;
use App\Exports\Download;
use App\Exports\RunSheet\SheetCalendar;
use App\Exports\RunSheet\SheetTable;
use App\Exports\RunSheet\WallPaper;
use App\Exports\RunSheet\WallSheet;
use App\Models\Event;
use Illuminate\Http\Response;

/** The run sheet as files. */
final readonly class FileController
{
    public function __construct(private EventReader $reader) {}

    public function calendar(Event $event): Response
    {
        return Download::of($event, '-run-sheet.ics', 'text/calendar', SheetCalendar::of($this->sheet($event)));
    }

    public function csv(Event $event): Response
    {
        return Download::of($event, '-run-sheet.csv', 'text/csv', SheetTable::csv($this->sheet($event)));
    }

    public function json(Event $event): Response
    {
        return Download::of($event, '-run-sheet.json', 'application/json', SheetTable::json($this->sheet($event)));
    }

    public function wall(Event $event, WallPaper $wall): Response
    {
        return Download::of($event, "-run-sheet-{$wall->value}.pdf", 'application/pdf', WallSheet::pdf($this->sheet($event), $wall));
    }

    private function sheet(Event $event): WrittenSheet
    {
        return WrittenSheet::of($this->reader->facts($event->loadMissing('sheetRevision')));
    }
}
