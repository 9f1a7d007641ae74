<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Site\EventPlan;
use App\Http\Requests\Site\PositionRequest;
use App\Jobs\Site\ReadPosition;
use App\Models\Event;
use App\Models\Site\PositionReading;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** A position read from a receiver, and what is done with one. */
final class PositionController
{
    /** Begins a reading, unless one is going on; the queue does it, the page watches. */
    public function read(Request $request, Event $event): View|RedirectResponse
    {
        $reading = DB::transaction(static function () use ($event): PositionReading {
            Event::query()->lockForUpdate()->findOrFail($event->id);
            $last = $event->positionReadings()->orderByDesc('id')->first();
            if ($last?->isGoingOn() === true) {
                return $last;
            }
            $last?->giveUp();
            $reading = $event->positionReadings()->create(['seconds' => config()->integer('devices.gps.seconds')]);
            ReadPosition::dispatch($reading);

            return $reading;
        });

        return $request->ajax() ? $this->show($event, $reading->refresh()) : redirect()->route('site.files', $event);
    }

    public function show(Event $event, PositionReading $positionReading): View
    {
        return view('site.reading', ['event' => $event, 'reading' => $positionReading]);
    }

    public function use(PositionRequest $request, Event $event, #[CurrentUser] User $user): RedirectResponse
    {
        if ($request->isForEvent()) {
            $event = $event->changeFrom($request->integer('version'), $request->eventFields($event));

            return redirect()->route('site.show', $event)->with('status', __('The event\'s place is now :place, :zone; the plan moved with it.', ['place' => $event->place_name, 'zone' => $event->timezone]));
        }
        EventPlan::of($event)->keep($request->plan(), $event->plan_revision_id, $user);

        return redirect()->route('site.show', [$event, 'spot' => $request->string('spot_name')->trim()->toString()])->with('status', __('The spot is on the plan. Undo removes it again.'));
    }
}
