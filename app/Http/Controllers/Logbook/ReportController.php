<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\EventReader;
use App\Domain\Logbook\Measurements;
use App\Domain\Logbook\Reports;
use App\Drawings\Logbook\MeasuredCurves;
use App\Exports\Download;
use App\Exports\Logbook\ReportPdf;
use App\Exports\SheetPaper;
use App\Http\Requests\Logbook\ReportRequest;
use App\Models\Event;
use App\Models\Logbook\EventReport;
use App\Pages\Event\EventFrames;
use App\Pages\Logbook\InstrumentsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;

/** The report of an event: numbers by themselves, words by hand. */
final readonly class ReportController
{
    public function __construct(
        private EventReader $reader,
        private Measurements $measurements,
        private Reports $reports,
    ) {}

    public function show(Event $event, EventFrames $frames): View
    {
        $facts = $this->reader->facts($event);
        $instruments = $this->measurements->of($facts);
        $frame = $frames->of($event, InstrumentsPage::axis($instruments, $facts->here));

        return view('logbook.report', ['frame' => $frame, 'report' => $this->reports->facts($facts, $instruments), 'words' => Reports::words($event), 'curves' => MeasuredCurves::of($instruments, $frame->ribbon), 'pictures' => $event->logPictures()->orderBy('id')->get()]);
    }

    public function update(ReportRequest $request, Event $event): RedirectResponse
    {
        EventReport::query()->createOrFirst(['event_id' => $event->id])->changeFrom($request->integer('version'), $request->words());

        return redirect()->route('logbook.report', $event)->with('status', __('Saved.'));
    }

    public function pdf(Event $event, SheetPaper $sheetPaper): Response
    {
        $facts = $this->reader->facts($event);
        $instruments = $this->measurements->of($facts);

        return Download::of($event, "-report-{$sheetPaper->value}.pdf", 'application/pdf', ReportPdf::of($facts, $this->reports->facts($facts, $instruments), Reports::words($event), $instruments, array_values($event->logPictures()->with('stored')->orderBy('id')->get()->all()), $sheetPaper, Date::now()->toImmutable()));
    }
}
