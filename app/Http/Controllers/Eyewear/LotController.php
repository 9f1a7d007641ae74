<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Domain\Eyewear\LotState;
use App\Domain\Eyewear\Occasions;
use App\Http\Requests\Eyewear\LotRequest;
use App\Http\Requests\Eyewear\OccasionRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\Supplier;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\LotPage;
use App\Pages\Eyewear\PapersPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use KeenShadow\Core\Eyewear\Kind;

final class LotController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function index(OccasionRequest $request, Event $event): View
    {
        $frame = $this->frames->of($event);
        $occasion = $request->occasion() ?? Occasions::next($frame->here);

        return view('eyewear.index', ['frame' => $frame, 'occasion' => $occasion, 'lots' => LotState::allFor($event, $occasion)]);
    }

    public function create(Request $request, Event $event): View
    {
        return $this->form($request, $event, null);
    }

    public function store(LotRequest $request, Event $event): RedirectResponse
    {
        $lot = Lot::makeOnce($request->uuid(), $request->fields() + ['organisation_id' => $event->organisation_id]);

        return redirect()->route('eyewear.show', [$event, $lot]);
    }

    public function show(OccasionRequest $request, Event $event, Lot $lot): View
    {
        $frame = $this->frames->of($event);

        return view('eyewear.show', ['frame' => $frame, 'page' => LotPage::of($lot, $frame, $request->occasion())]);
    }

    public function edit(Request $request, Event $event, Lot $lot): View
    {
        return $this->form($request, $event, $lot);
    }

    public function update(LotRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        $lot->changeFrom($request->version(), $request->fields());

        return redirect()->route('eyewear.show', [$event, $lot])->with('status', __('Saved.'));
    }

    public function papers(Event $event, Lot $lot): View
    {
        return view('eyewear.papers', ['frame' => $this->frames->of($event), 'page' => PapersPage::of($lot, $event->eclipse_date)]);
    }

    /** With the questions of the kind that was chosen last: in a form that comes back, in the address, on the lot. */
    private function form(Request $request, Event $event, ?Lot $lot): View
    {
        $asked = $request->session()->getOldInput('kind') ?? $request->query('kind');
        $kind = (is_string($asked) ? Kind::tryFrom($asked) : null) ?? $lot->kind ?? Kind::CardGlasses;

        return view('eyewear.lot-form', [
            'frame' => $this->frames->of($event),
            'lot' => $lot,
            'kind' => $kind,
            'suppliers' => Supplier::query()->where('organisation_id', $event->organisation_id)->orderBy('name')->get(),
        ]);
    }
}
