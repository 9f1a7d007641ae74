<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Http\Requests\Eyewear\HoldRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotHold;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;

/** A lot is held, all of its pairs at once; and let go again, with the reason. */
final class HoldController
{
    public function store(HoldRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        LotHold::makeOnce($request->uuid(), ['lot_id' => $lot->id, 'event_id' => $event->id, 'why' => $request->why(), 'made_by' => $request->user()?->id]);

        return back()->with('status', __('“:lot” is held: none of its pairs is fit to use.', ['lot' => $lot->label]));
    }

    /** All that stand, for one reason. */
    public function lift(HoldRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        foreach ($lot->holds()->standing()->orderBy('id')->get() as $i => $hold) {
            LotHold::query()->create(['uuid' => $i === 0 ? $request->uuid() : (string) Str::uuid7(), 'lot_id' => $lot->id, 'event_id' => $event->id, 'why' => $request->why(), 'lifts_id' => $hold->id, 'made_by' => $request->user()?->id]);
        }

        return redirect()->route('eyewear.show', [$event, $lot])->with('status', __('The hold is lifted.'));
    }
}
