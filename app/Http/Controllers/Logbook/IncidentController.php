<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\EventReader;
use App\Domain\Event\PairsOfLots;
use App\Http\Requests\Logbook\IncidentRequest;
use App\Models\Event;
use App\Models\Logbook\Incident;
use App\Pages\Event\EventFrames;
use App\Pages\Logbook\IncidentPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** What went wrong at an event: written down, corrected by a row that points back, shown with the record of what somebody looked through. */
final readonly class IncidentController
{
    public function __construct(
        private EventReader $reader,
        private EventFrames $frames,
        private PairsOfLots $lots,
    ) {}

    public function index(Event $event): View
    {
        $here = $this->reader->facts($event)->here;
        $incidents = Incident::standing($event->id)->with('lot')->get();

        return view('logbook.incidents', ['frame' => $this->frames->of($event), 'pages' => $incidents->map(fn(Incident $i): IncidentPage => IncidentPage::of($event, $i, $here, $this->lots))]);
    }

    public function create(Event $event): View
    {
        return view('logbook.incident-form', ['frame' => $this->frames->of($event), 'incident' => null, 'lots' => $this->lots->labels($event)]);
    }

    public function store(IncidentRequest $request, Event $event): RedirectResponse
    {
        $incident = Incident::makeOnce($request->uuid(), $request->fields());

        return redirect()->route('logbook.incidents.show', [$event, $incident])->with('status', __('Written down.'));
    }

    public function show(Event $event, Incident $incident): View
    {
        return view('logbook.incident', ['frame' => $this->frames->of($event), 'page' => IncidentPage::of($event, $incident, $this->reader->facts($event)->here, $this->lots), 'isSuperseded' => $incident->isSuperseded()]);
    }

    public function edit(Event $event, Incident $incident): View
    {
        return view('logbook.incident-form', ['frame' => $this->frames->of($event), 'incident' => $incident, 'lots' => $this->lots->labels($event), 'here' => $this->reader->facts($event)->here]);
    }

    public function correct(IncidentRequest $request, Event $event, Incident $incident): RedirectResponse
    {
        $corrected = Incident::makeOnce($request->uuid(), ['corrects_id' => $incident->id] + $request->fields());

        return redirect()->route('logbook.incidents.show', [$event, $corrected])->with('status', __('Corrected; what stood there before is kept.'));
    }
}
