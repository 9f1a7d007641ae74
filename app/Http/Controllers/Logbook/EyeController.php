<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\EventReader;
use App\Domain\Event\PairsOfLots;
use App\Domain\Logbook\EyeWatch;
use App\Exports\Download;
use App\Exports\PlainPdf;
use App\Exports\SheetPaper;
use App\Http\Requests\Logbook\EyeCloseRequest;
use App\Http\Requests\Logbook\EyeRequest;
use App\Models\Event;
use App\Models\Logbook\EyeReminder;
use App\Models\Logbook\EyeReport;
use App\Pages\Event\EventFrames;
use App\Pages\Logbook\EyePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;

/** Somebody's eyes complain: written down by organisers for the eye doctor, asked after, closed, and deleted on its day. */
final readonly class EyeController
{
    public function __construct(
        private EventReader $reader,
        private EventFrames $frames,
        private PairsOfLots $lots,
    ) {}

    public function index(Event $event, EyeWatch $watch): View
    {
        $watch->look(Date::now()->toImmutable());
        $reports = EyeReport::query()->where('event_id', $event->id)->with(['lot', 'reminders'])->orderByRaw('closed_at is not null')->orderByDesc('told_at')->get();

        return view('logbook.eyes', ['frame' => $this->frames->of($event), 'pages' => $reports->map(fn(EyeReport $report): EyePage => $this->page($event, $report))]);
    }

    public function create(Event $event): View
    {
        return view('logbook.eye-form', ['frame' => $this->frames->of($event), 'report' => null, 'lots' => $this->lots->labels($event)]);
    }

    public function store(EyeRequest $request, Event $event): RedirectResponse
    {
        $report = EyeReport::makeOnce($request->uuid(), $request->fields() + ['made_by' => $request->user()?->id]);

        return $this->to($event, $report)->with('status', __('Written down. You are reminded after 12, 24 and 48 hours.'));
    }

    public function show(Event $event, EyeReport $eyeReport, EyeWatch $watch): View
    {
        $watch->look(Date::now()->toImmutable());

        return view('logbook.eye', ['frame' => $this->frames->of($event), 'page' => $this->page($event, $eyeReport->load('reminders'))]);
    }

    public function edit(Event $event, EyeReport $eyeReport): View
    {
        return view('logbook.eye-form', ['frame' => $this->frames->of($event), 'report' => $eyeReport, 'lots' => $this->lots->labels($event), 'here' => $this->reader->facts($event)->here]);
    }

    public function update(EyeRequest $request, Event $event, EyeReport $eyeReport): RedirectResponse
    {
        $eyeReport->changeFrom($request->version(), $request->fields());

        return $this->to($event, $eyeReport)->with('status', __('Saved.'));
    }

    /** The reminders that wait have been heard. */
    public function seen(Event $event, EyeReport $eyeReport): RedirectResponse
    {
        EyeReminder::query()->where('eye_report_id', $eyeReport->id)->whereNull('seen_at')->update(['seen_at' => Date::now()->toImmutable()->format('Y-m-d H:i:sP')]);

        return $this->to($event, $eyeReport);
    }

    public function close(EyeCloseRequest $request, Event $event, EyeReport $eyeReport): RedirectResponse
    {
        $eyeReport->changeFrom($request->version(), ['closed_at' => Date::now()->toImmutable()->startOfSecond(), 'closed_how' => $request->how()]);

        return $this->to($event, $eyeReport)->with('status', __('Closed; you are reminded no more.'));
    }

    public function reopen(Event $event, EyeReport $eyeReport): RedirectResponse
    {
        $eyeReport->changeFrom($eyeReport->version, ['closed_at' => null, 'closed_how' => null]);

        return $this->to($event, $eyeReport)->with('status', __('Open again.'));
    }

    /** Gone at once, and not to be brought back. */
    public function destroy(Event $event, EyeReport $eyeReport): RedirectResponse
    {
        $eyeReport->delete();

        return redirect()->route('logbook.eyes', $event)->with('status', __('Deleted; nothing of it is kept.'));
    }

    public function sheet(Event $event, EyeReport $eyeReport, SheetPaper $sheetPaper): Response
    {
        return Download::of($event, "-eyes-{$eyeReport->id}.pdf", 'application/pdf', PlainPdf::of(view('logbook.eye-sheet', ['event' => $event, 'page' => $this->page($event, $eyeReport)])->render(), $sheetPaper->value));
    }

    private function page(Event $event, EyeReport $report): EyePage
    {
        return EyePage::of($report, $event, $this->reader->facts($event)->here, $this->lots);
    }

    private function to(Event $event, EyeReport $report): RedirectResponse
    {
        return redirect()->route('logbook.eyes.show', [$event, $report]);
    }
}
