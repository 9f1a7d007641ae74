<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Domain\Eyewear\LotState;
use App\Domain\Eyewear\Occasions;
use App\Http\Requests\Eyewear\LotRequest;
use App\Http\Requests\Eyewear\OccasionRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\LotPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class LotController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function index(OccasionRequest $request, Event $event): View
    {
        $frame = $this->frames->of($event);
        $occasion = $request->occasion() ?? Occasions::next($frame->here);

        return view('eyewear.index', ['frame' => $frame, 'occasion' => $occasion, 'lots' => LotState::allFor($event, $occasion)]);
    }

    public function create(Event $event): View
    {
        return view('eyewear.lot-form', ['frame' => $this->frames->of($event), 'lot' => null]);
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

    public function edit(Event $event, Lot $lot): View
    {
        return view('eyewear.lot-form', ['frame' => $this->frames->of($event), 'lot' => $lot]);
    }

    public function update(LotRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        $lot->changeFrom($request->version(), $request->fields());

        return redirect()->route('eyewear.show', [$event, $lot])->with('status', __('Saved.'));
    }
}
