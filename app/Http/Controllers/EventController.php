<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EventRequest;
use App\Jobs\ComputeSites;
use App\Models\Event;
use App\Models\User;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\EventForm;
use App\Pages\Sky\LocalEclipse;
use App\Pages\Sky\SkyAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class EventController
{
    public function index(Request $request, Eclipses $eclipses): View
    {
        /** @var User $user */
        $user = $request->user();
        $events = Event::query()->where('organisation_id', $user->organisation_id)->orderByDesc('eclipse_date')->orderBy('title')->get();

        return view('events.index', [
            'organisation' => $user->organisation,
            'events' => $events,
            'answers' => $events->mapWithKeys(fn(Event $event): array => [$event->id => SkyAnswer::of(LocalEclipse::of($event, $eclipses))]),
        ]);
    }

    public function create(Request $request, Eclipses $eclipses): View
    {
        return view('events.create', ['form' => EventForm::fromInput($request, $eclipses)]);
    }

    public function store(EventRequest $request): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $event = Event::query()->create($request->eventFields() + ['organisation_id' => $user->organisation_id]);

        return redirect()->route('sky.show', $event);
    }

    public function edit(Request $request, Event $event, Eclipses $eclipses): View
    {
        return view('events.edit', ['event' => $event, 'form' => EventForm::fromInput($request, $eclipses, $event)]);
    }

    public function update(EventRequest $request, Event $event): RedirectResponse
    {
        $event->update($request->eventFields());
        if ($event->wasChanged('eclipse_date')) {
            $event->siteLists->each(ComputeSites::recompute(...));
        }

        return redirect()->route('sky.show', $event)->with('status', __('Changed.'));
    }
}
