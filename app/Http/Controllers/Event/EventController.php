<?php

declare(strict_types=1);

namespace App\Http\Controllers\Event;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Http\Requests\Event\EventRequest;
use App\Jobs\Sky\ComputePlaces;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventCard;
use App\Pages\Event\EventForm;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

final class EventController
{
    private const REMOVED_SHOWN = 20;
    /** Two who want the same helper may wait for each other: then one begins again. */
    private const ATTEMPTS = 3;

    public function index(Request $request, EventFrames $frames): View
    {
        /** @var User $user */
        $user = $request->user();
        $events = Event::query()->where('organisation_id', $user->organisation_id)->orderByDesc('eclipse_date')->orderBy('title')->get();

        $cards = $events->map(static fn(Event $event): EventCard => EventCard::of($frames->of($event)));

        return view('event.index', [
            'organisation' => $user->organisation,
            'cards' => [...$cards->where('isOver', false)->sortBy('event.eclipse_date'), ...$cards->where('isOver', true)],
            'removed' => $request->user()?->can('create', Event::class) === true
                ? Event::onlyTrashed()->where('organisation_id', $user->organisation_id)->orderByDesc('deleted_at')->limit(self::REMOVED_SHOWN)->get()
                : [],
        ]);
    }

    public function create(Request $request, Eclipses $eclipses, Gazetteer $places): View
    {
        return view('event.create', ['form' => EventForm::fromInput($request, $eclipses, $places)]);
    }

    public function store(EventRequest $request): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $event = Event::makeOnce($request->uuid(), $request->eventFields() + ['organisation_id' => $user->organisation_id]);

        return redirect()->route('sky.show', $event);
    }

    public function edit(Request $request, Event $event, Eclipses $eclipses, Gazetteer $places): View
    {
        return view('event.edit', ['event' => $event, 'form' => EventForm::fromInput($request, $eclipses, $places, $event)]);
    }

    public function update(EventRequest $request, Event $event): RedirectResponse
    {
        DB::transaction(static function () use ($request, $event): void {
            $changed = $event->changeFrom($request->version(), $request->eventFields());
            if ($changed->wasChanged('eclipse_date')) {
                $changed->placeLists->each(ComputePlaces::recompute(...));
            }
        }, self::ATTEMPTS);

        return redirect()->route('sky.show', $event)->with('status', __('Saved.'));
    }

    /** Takes the event with all that belongs to it off the list; nothing is lost. */
    public function destroy(Event $event): RedirectResponse
    {
        $event->delete();

        return redirect()->route('events.index')->with(['status' => __('“:title” is removed, with its plan, viewers and lists.', ['title' => $event->title]), 'undo' => route('events.restore', $event)]);
    }

    public function restore(Event $event): RedirectResponse
    {
        // Its helpers may be elsewhere by now: then it stays removed.
        DB::transaction(static fn(): bool => $event->fresh()?->restore() ?? abort(404), self::ATTEMPTS);

        return redirect()->route('sky.show', $event)->with('status', __('“:title” is back.', ['title' => $event->title]));
    }
}
