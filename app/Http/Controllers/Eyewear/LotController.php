<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Domain\Eyewear\LotState;
use App\Http\Requests\Eyewear\LotRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\LotPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class LotController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function index(Event $event): View
    {
        return view('eyewear.index', ['frame' => $this->frames->of($event), 'lots' => LotState::allFor($event)]);
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

    public function show(Event $event, Lot $lot): View
    {
        return view('eyewear.show', ['frame' => $this->frames->of($event), 'page' => LotPage::of($lot, $event)]);
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
