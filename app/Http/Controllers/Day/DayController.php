<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Domain\Day\Writer;
use App\Http\Requests\Day\EntriesRequest;
use App\Http\Requests\Day\LiveRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Day\DayDoor;
use App\Pages\Event\KeptPages;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Container\Attributes\Tag;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The screen of the day for somebody who is signed in, and what it asks and tells while it is open. */
final readonly class DayController
{
    /** @param iterable<KeptPages> $rooms that have pages for the day */
    public function __construct(
        private DayAnswer $answer,
        #[Tag('kept')]
        private iterable $rooms,
    ) {}

    public function show(Event $event, #[CurrentUser] User $user): View
    {
        return $this->answer->page($event, DayDoor::ofUser($event, $user, $this->rooms));
    }

    public function pack(Event $event, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer->pack($event, Writer::user($user));
    }

    public function live(LiveRequest $request, Event $event, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer->live($event, $request->integer('since'), Writer::user($user));
    }

    public function store(EntriesRequest $request, Event $event, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer->stored($request, $event, Writer::user($user));
    }

    public function worker(Event $event, #[CurrentUser] User $user): Response
    {
        return $this->answer->worker($event, DayDoor::ofUser($event, $user, $this->rooms));
    }
}
