<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Domain\Day\DayLog;
use App\Domain\Day\LiveState;
use App\Domain\Event\DayPlans;
use App\Domain\Event\EventReader;
use App\Http\Requests\Day\EntriesRequest;
use App\Http\Requests\Day\LiveRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Day\DayPack;
use App\Pages\Day\DayPage;
use App\Pages\Day\KeptDay;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;

/** The screen of the day, and what it asks and tells while it is open. */
final readonly class DayController
{
    public function __construct(
        private EventReader $reader,
        private DayPlans $plans,
        private KeptDay $kept,
    ) {}

    public function show(Event $event, #[CurrentUser] User $user): View
    {
        $facts = $this->reader->facts($event);

        return view('day.show', ['page' => DayPage::of($facts, $this->plans->of($facts), Date::now()), 'keep' => $this->kept->of($event, $user)]);
    }

    /** What the screen ticks by, where its plan is no longer the one that holds. */
    public function pack(Event $event): JsonResponse
    {
        $facts = $this->reader->facts($event);

        return new JsonResponse(['pack' => DayPack::of($facts, $this->plans->of($facts))]);
    }

    public function live(LiveRequest $request, Event $event): JsonResponse
    {
        return new JsonResponse(LiveState::of($event, $request->integer('since')));
    }

    /** Takes in what a device has written down, and tells what is new. */
    public function store(EntriesRequest $request, Event $event, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(['stored' => DayLog::of($event)->store($request->rehearsals(), $request->entries(), $user)] + LiveState::of($event, $request->since()));
    }
}
