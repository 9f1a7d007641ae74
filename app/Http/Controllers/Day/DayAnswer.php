<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Domain\Day\DayLog;
use App\Domain\Day\LiveState;
use App\Domain\Day\Writer;
use App\Domain\Event\DayPlan;
use App\Domain\Event\DayPlans;
use App\Domain\Event\EventFacts;
use App\Domain\Event\EventReader;
use App\Domain\Event\WhatIsLogged;
use App\Http\Requests\Day\EntriesRequest;
use App\Models\Event;
use App\Pages\Day\DayDoor;
use App\Pages\Day\DayPack;
use App\Pages\Day\DayPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Vite;
use Illuminate\View\View;

/** What a day's screen is answered, by whatever door somebody came. */
final readonly class DayAnswer
{
    public function __construct(
        private EventReader $reader,
        private DayPlans $plans,
        private WhatIsLogged $logged,
    ) {}

    public function page(Event $event, DayDoor $door): View
    {
        [$facts, $plan] = $this->planned($event, $door->writer);

        return view('day.show', ['page' => DayPage::of($facts, $plan, Date::now()), 'door' => $door, 'logged' => $this->logged->kinds()]);
    }

    /** What the screen ticks by, where its plan is no longer the one that holds. */
    public function pack(Event $event, Writer $for): JsonResponse
    {
        return new JsonResponse(['pack' => DayPack::of(...$this->planned($event, $for))]);
    }

    public function live(Event $event, int $since, Writer $for): JsonResponse
    {
        return new JsonResponse(LiveState::of($event, $since, $for));
    }

    /** Takes in what a device has written down, and tells what is new. */
    public function stored(EntriesRequest $request, Event $event, Writer $by): JsonResponse
    {
        return new JsonResponse(['stored' => DayLog::of($event)->store($request->rehearsals(), $request->entries(), $by)] + LiveState::of($event, $request->since(), $by));
    }

    public function worker(Event $event, DayDoor $door): Response
    {
        return new Response($door->worker($event, Vite::asset('resources/js/day/worker.js')), 200, ['Content-Type' => 'text/javascript; charset=UTF-8']);
    }

    /** @return array{EventFacts, DayPlan} */
    private function planned(Event $event, Writer $for): array
    {
        $facts = $this->reader->facts($event);
        $plan = $this->plans->of($facts);

        return [$facts, $for->seesAll() ? $plan : $plan->of($for->name)];
    }
}
