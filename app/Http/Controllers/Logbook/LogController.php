<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\DayRecord;
use App\Domain\Event\DayRecords;
use App\Domain\Event\EventReader;
use App\Domain\Event\NewRecord;
use App\Domain\Logbook\LoggedDay;
use App\Exports\Download;
use App\Exports\Logbook\LogTable;
use App\Exports\Logbook\ObservationSheet;
use App\Exports\SheetPaper;
use App\Http\Requests\Logbook\CorrectionRequest;
use App\Http\Requests\Logbook\PaperRequest;
use App\Models\Day\DayEntry;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\Logbook\LineForm;
use App\Pages\Logbook\LogPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\View\View;
use KeenShadow\Core\Logbook\ObservationKind;

/** The log of an event: read, typed from paper, corrected; as a table, and as sheets to write on. */
final readonly class LogController
{
    public function __construct(
        private EventReader $reader,
        private EventFrames $frames,
        private DayRecords $records,
    ) {}

    public function show(Request $request, Event $event): View
    {
        $kind = $request->query('kind');

        return view('logbook.show', ['frame' => $this->frames->of($event), 'page' => LogPage::of($this->day($event), $this->reader->facts($event)->here, is_string($kind) ? $kind : '')]);
    }

    public function paper(Request $request, Event $event): View
    {
        $kind = $request->old('kind', $request->query('kind'));

        return view('logbook.paper', ['frame' => $this->frames->of($event), 'kind' => ObservationKind::tryFrom(is_string($kind) ? $kind : '') ?? ObservationKind::Temperature, 'user' => $this->user($request)]);
    }

    public function store(PaperRequest $request, Event $event): RedirectResponse
    {
        $this->records->add($event, $request->records(), $this->user($request));

        return redirect()->route('logbook.show', $event)->with('status', trans_choice('{1} 1 line is stored.|[2,*] :count lines are stored.', count($request->records())));
    }

    public function edit(Event $event, DayEntry $dayEntry): View
    {
        $here = $this->reader->facts($event)->here;

        return view('logbook.line', ['frame' => $this->frames->of($event), 'form' => LineForm::of($this->line($event, $dayEntry), $here)]);
    }

    public function correct(CorrectionRequest $request, Event $event, DayEntry $dayEntry): RedirectResponse
    {
        // One that was corrected meanwhile is refused in words, by the database.
        abort_unless($dayEntry->canBeCorrected(), 404);
        $this->records->add($event, [$request->record()], $this->user($request));

        return redirect()->route('logbook.show', $event)->with('status', __('Corrected; what stood there before is kept.'));
    }

    public function takeOut(Request $request, Event $event, DayEntry $dayEntry): RedirectResponse
    {
        $line = $this->line($event, $dayEntry);
        $this->records->add($event, [new NewRecord(uuid: (string) Str::uuid7(), at: $line->at, observed: $line->observed ?? ObservationKind::Remark->value, value: $line->value, words: $line->words, who: $line->who, withinS: (int) ceil($line->withinS ?? 0), correctsId: $line->id, isTakenOut: true)], $this->user($request));

        return redirect()->route('logbook.show', $event)->with('status', __('Taken out; what stood there is kept below.'));
    }

    public function csv(Event $event): Response
    {
        return Download::of($event, '-log.csv', 'text/csv', LogTable::csv($this->day($event), $this->reader->facts($event)->here));
    }

    public function sheet(Event $event, ObservationKind $observationKind, SheetPaper $sheetPaper): Response
    {
        return Download::of($event, "-{$observationKind->value}-{$sheetPaper->value}.pdf", 'application/pdf', ObservationSheet::pdf($event, $this->reader->facts($event)->here, $observationKind, $sheetPaper));
    }

    private function day(Event $event): LoggedDay
    {
        return LoggedDay::of($this->records->of($event));
    }

    /** What was observed or remarked and still stands; calls are what they are. */
    private function line(Event $event, DayEntry $entry): DayRecord
    {
        $record = $this->day($event)->find($entry->id);

        return $record === null || !$record->canBeCorrected ? abort(404) : $record;
    }

    private function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }
}
