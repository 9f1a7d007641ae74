<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\EventReader;
use App\Domain\Logbook\Measurements;
use App\Http\Requests\Logbook\InstrumentRequest;
use App\Imports\ImportFaults;
use App\Imports\Logbook\LoggerFile;
use App\Imports\Logbook\StoredSeries;
use App\Models\Event;
use App\Models\Logbook\InstrumentLog;
use App\Models\StoredFile;
use App\Pages\Event\EventFrames;
use App\Pages\Logbook\InstrumentsPage;
use App\Pages\Logbook\SitesPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Loggers of an event: their files read in full and stored, read anew, taken out and put back. Each is a row that points to the one before. */
final readonly class InstrumentController
{
    public function __construct(
        private EventReader $reader,
        private Measurements $measurements,
        private EventFrames $frames,
        private StoredSeries $stored,
    ) {}

    public function index(Event $event): View
    {
        $facts = $this->reader->facts($event);
        $instruments = $this->measurements->of($facts);
        $frame = $this->frames->of($event, InstrumentsPage::axis($instruments, $facts->here));

        return view('logbook.instruments', ['frame' => $frame, 'page' => InstrumentsPage::of($instruments, $facts->here, $frame->ribbon)]);
    }

    /** The same eclipse at all sites of the organisation. */
    public function sites(Event $event): View
    {
        return view('logbook.sites', ['frame' => $this->frames->of($event), 'page' => SitesPage::of($event, $this->reader, $this->measurements)]);
    }

    public function store(InstrumentRequest $request, Event $event): RedirectResponse
    {
        if (InstrumentLog::standing($event->id)->count() >= InstrumentLog::MOST_OF_AN_EVENT) {
            throw ValidationException::withMessages(['file' => __('An event has at most :most instruments.', ['most' => InstrumentLog::MOST_OF_AN_EVENT])]);
        }
        $path = $request->upload()->getPathname();
        try {
            $series = LoggerFile::read($path, $request->reading());
        } catch (ImportFaults $e) {
            throw ValidationException::withMessages(['file' => $e->told()]);
        }
        $packed = StoredSeries::packed($path);
        try {
            $log = InstrumentLog::makeOnce($request->uuid(), ['event_id' => $event->id, 'sha256' => StoredFile::keep($packed, StoredSeries::MEDIA_TYPE), 'made_by' => $request->user()?->id] + $request->fields());
            $this->stored->remember($log, $series);
        } finally {
            unlink($packed);
        }

        return $this->back($event)->with('status', __('Read and stored.'));
    }

    public function edit(Event $event, InstrumentLog $instrumentLog): View
    {
        return view('logbook.instrument', ['frame' => $this->frames->of($event), 'log' => $instrumentLog]);
    }

    /** Another reading of the same file. */
    public function update(InstrumentRequest $request, Event $event, InstrumentLog $instrumentLog): RedirectResponse
    {
        try {
            $series = LoggerFile::readStored($instrumentLog->stored()->firstOrFail()->content(), $request->reading());
        } catch (ImportFaults $e) {
            throw ValidationException::withMessages(['zone' => $e->told()]);
        }
        $log = InstrumentLog::makeOnce($request->uuid(), ['event_id' => $event->id, 'sha256' => $instrumentLog->sha256, 'made_by' => $request->user()?->id, 'corrects_id' => $instrumentLog->id] + $request->fields());
        $this->stored->remember($log, $series);

        return $this->back($event)->with('status', __('Read anew.'));
    }

    public function destroy(Event $event, InstrumentLog $instrumentLog): RedirectResponse
    {
        $out = $this->after($instrumentLog, isTakenOut: true);

        return $this->back($event)->with(['status' => __('“:name” is taken out.', ['name' => $instrumentLog->name]), 'undo' => route('logbook.instruments.restore', [$event, $out])]);
    }

    public function restore(Event $event, InstrumentLog $instrumentLog): RedirectResponse
    {
        abort_unless($instrumentLog->is_taken_out, 404);
        $this->after($instrumentLog, isTakenOut: false);

        return $this->back($event)->with('status', __('“:name” is back.', ['name' => $instrumentLog->name]));
    }

    /** The row that takes the place of another, by whoever asks. */
    private function after(InstrumentLog $log, bool $isTakenOut): InstrumentLog
    {
        $next = $log->replicate(['uuid']);
        $next->fill(['uuid' => (string) Str::uuid7(), 'corrects_id' => $log->id, 'is_taken_out' => $isTakenOut, 'made_by' => auth()->id()]);
        $next->save();

        return $next;
    }

    private function back(Event $event): RedirectResponse
    {
        return redirect()->route('logbook.instruments', $event);
    }
}
