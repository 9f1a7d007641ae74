<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\EventReader;
use App\Domain\Event\PairsOfLots;
use App\Domain\Event\TriedViewers;
use App\Http\Requests\Logbook\IncidentRequest;
use App\Models\Event;
use App\Models\Logbook\Incident;
use App\Pages\Event\EventFrames;
use App\Pages\Logbook\IncidentPage;
use App\Pages\Logbook\IncidentRow;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Illuminate\View\View;

/** What went wrong at an event: written down, corrected by a row that points back, shown with the record of what somebody looked through. */
final readonly class IncidentController
{
    public function __construct(
        private EventReader $reader,
        private EventFrames $frames,
        private PairsOfLots $lots,
        private TriedViewers $viewers,
    ) {}

    public function index(Event $event): View
    {
        return view('logbook.incidents', ['frame' => $this->frames->of($event), 'rows' => $this->rows($event, Incident::standing($event->id)), 'replaced' => $this->rows($event, Incident::replaced($event->id))]);
    }

    public function create(Event $event): View
    {
        return $this->form($event, null);
    }

    public function store(IncidentRequest $request, Event $event): RedirectResponse
    {
        $incident = Incident::makeOnce($request->uuid(), $request->fields());

        return redirect()->route('logbook.incidents.show', [$event, $incident])->with('status', __('Written down.'));
    }

    public function show(Event $event, Incident $incident): View
    {
        return view('logbook.incident', ['frame' => $this->frames->of($event), 'page' => $this->page($event, $incident), 'isSuperseded' => $incident->isSuperseded()]);
    }

    public function edit(Event $event, Incident $incident): View
    {
        return $this->form($event, $incident);
    }

    public function correct(IncidentRequest $request, Event $event, Incident $incident): RedirectResponse
    {
        $corrected = Incident::makeOnce($request->uuid(), ['corrects_id' => $incident->id] + $request->fields());

        return redirect()->route('logbook.incidents.show', [$event, $corrected])->with('status', __('Corrected; what stood there before is kept.'));
    }

    /** One that was written down by mistake; what stood there is kept. */
    public function takeOut(Request $request, Event $event, Incident $incident): RedirectResponse
    {
        Incident::makeOnce((string) Str::uuid7(), ['corrects_id' => $incident->id, 'is_taken_out' => true, 'made_by' => $request->user()?->id] + $incident->only($incident->getFillable()));

        return redirect()->route('logbook.incidents', $event)->with('status', __('Taken out; what stood there is kept below.'));
    }

    private function form(Event $event, ?Incident $incident): View
    {
        return view('logbook.incident-form', ['frame' => $this->frames->of($event), 'incident' => $incident, 'lots' => $this->lots->labels($event), 'viewers' => $this->viewers->labels($event), 'here' => $this->reader->facts($event)->here]);
    }

    /**
     * @param Builder<Incident> $incidents
     *
     * @return Collection<int, IncidentRow>
     */
    private function rows(Event $event, Builder $incidents): Collection
    {
        $here = $this->reader->facts($event)->here;

        return $incidents->with('lot')->get()->map(static fn(Incident $incident): IncidentRow => IncidentRow::of($incident, $here));
    }

    private function page(Event $event, Incident $incident): IncidentPage
    {
        return IncidentPage::of($event, $incident, $this->reader->facts($event)->here, $this->lots, $this->viewers);
    }
}
