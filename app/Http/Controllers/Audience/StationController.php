<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Domain\Audience\EventYard;
use App\Domain\Event\FitPairs;
use App\Domain\Event\WantedViewers;
use App\Domain\Site\EventPlan;
use App\Http\Requests\Audience\StationRequest;
use App\Models\Audience\AudienceStation;
use App\Models\Event;
use App\Pages\Audience\StationsPage;
use App\Pages\Audience\ViewerStation;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Yard\BestMinutes;

/** The stations of an event: played through, and changed one by one. */
final class StationController
{
    private const MOST_SEED = 1000000;

    public function __construct(
        private readonly EventFrames $frames,
        private readonly WantedViewers $viewers,
    ) {}

    public function index(Request $request, Event $event, FitPairs $pairs): View
    {
        $frame = $this->frames->of($event);
        $plan = EventPlan::of($event)->plan();
        $yard = EventYard::of($event, $plan, $viewers = $this->viewers->of($event));
        $minutes = BestMinutes::of($frame->here);
        $looks = $yard->looks();
        $seed = max(1, min(self::MOST_SEED, $request->integer('day', 1)));

        return view('audience.stations', [
            'frame' => $frame,
            'looks' => $looks,
            'isSunDown' => $minutes === null,
            'viewers' => ViewerStation::allOf($viewers, $yard),
            'nextDay' => $seed % self::MOST_SEED + 1,
            'page' => $minutes === null || $yard->stations === [] || $looks > StationsPage::MOST_LOOKS ? null : StationsPage::of($yard, $plan, $frame->here, $minutes, $pairs->count($event), $seed),
        ]);
    }

    public function edit(Event $event, Method $method): View
    {
        $yard = EventYard::of($event, EventPlan::of($event)->plan(), $this->viewers->of($event));

        return view('audience.station', ['frame' => $this->frames->of($event), 'station' => $yard->station($event, $method) ?? abort(404), 'places' => $yard->places()]);
    }

    public function update(StationRequest $request, Event $event, Method $method): RedirectResponse
    {
        $yard = EventYard::of($event, EventPlan::of($event)->plan(), $this->viewers->of($event));
        $station = $yard->station($event, $method) ?? abort(404);
        $place = $request->string('place')->toString();
        if ($place !== '' && $place !== $station->place && !in_array($place, $yard->places(), true)) {
            throw ValidationException::withMessages(['place' => __('Choose a place of the plan from the list.')]);
        }
        // Usual until now: it is stored as it was seen, and then changed as any other.
        $stored = AudienceStation::query()->firstOrCreate(['event_id' => $event->id, 'method' => $method], $station->only(['place', 'places', 'look_s', 'spread_s', 'hand_s']));
        $stored->changeFrom($request->version(), $request->fields());

        return redirect()->route('audience.stations', $event)->with('status', __('Saved.'));
    }
}
