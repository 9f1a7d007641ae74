<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\HelperDuties;
use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Exports\Download;
use App\Exports\RunSheet\Briefing;
use App\Exports\RunSheet\PocketCards;
use App\Exports\RunSheet\RotaTable;
use App\Exports\RunSheet\SheetCalendar;
use App\Exports\RunSheet\SheetTable;
use App\Exports\RunSheet\WallPaper;
use App\Exports\RunSheet\WallSheet;
use App\Exports\SheetPaper;
use App\Models\Event;
use Illuminate\Http\Response;

/** The run sheet as files. */
final readonly class FileController
{
    public function __construct(
        private EventReader $reader,
        private EventRotas $rotas,
    ) {}

    public function calendar(Event $event): Response
    {
        return Download::of($event, '-run-sheet.ics', 'text/calendar', SheetCalendar::of($this->sheet($event), $this->rota($event)));
    }

    public function csv(Event $event): Response
    {
        return Download::of($event, '-run-sheet.csv', 'text/csv', SheetTable::csv($this->sheet($event)));
    }

    public function json(Event $event): Response
    {
        return Download::of($event, '-run-sheet.json', 'application/json', SheetTable::json($this->sheet($event), $this->rota($event)));
    }

    public function wall(Event $event, WallPaper $wall): Response
    {
        return Download::of($event, "-run-sheet-{$wall->value}.pdf", 'application/pdf', WallSheet::pdf($this->sheet($event), $this->rota($event), $wall));
    }

    public function people(Event $event): Response
    {
        return Download::of($event, '-people.csv', 'text/csv', RotaTable::csv($this->sheet($event), $this->rota($event)));
    }

    public function helperCards(Event $event, SheetPaper $sheetPaper, HelperDuties $duties): Response
    {
        return Download::of($event, "-helper-cards-{$sheetPaper->value}.pdf", 'application/pdf', PocketCards::ofPeople($this->sheet($event), $this->rota($event), $duties, $sheetPaper));
    }

    public function stationCards(Event $event, SheetPaper $sheetPaper): Response
    {
        return Download::of($event, "-station-cards-{$sheetPaper->value}.pdf", 'application/pdf', PocketCards::ofStations($this->sheet($event), $this->rota($event), $sheetPaper));
    }

    public function briefing(Event $event, SheetPaper $sheetPaper): Response
    {
        return Download::of($event, "-briefing-{$sheetPaper->value}.pdf", 'application/pdf', Briefing::pdf($this->sheet($event), $this->rota($event), $sheetPaper));
    }

    private function rota(Event $event): WrittenRota
    {
        return WrittenRota::of($this->rotas->of($this->reader->facts($event->loadMissing('sheetRevision'))));
    }

    private function sheet(Event $event): WrittenSheet
    {
        return WrittenSheet::of($this->reader->facts($event->loadMissing('sheetRevision')), $this->rota($event));
    }
}
