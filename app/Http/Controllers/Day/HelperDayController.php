<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Middleware\HelpersDay;
use App\Http\Requests\Day\EntriesRequest;
use App\Http\Requests\Day\LiveRequest;
use App\Models\Event;
use App\Pages\Day\DayDoor;
use App\Pages\Event\EventFrames;
use App\Pages\Rules\PocketBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The same for a helper without an account, by the private address: their own posts and lines, and what is called for all. */
final readonly class HelperDayController
{
    public function __construct(private DayAnswer $answer) {}

    public function show(Request $request, string $dutyKey, Event $event): View
    {
        return $this->answer->page($event, self::door($request, $dutyKey, $event));
    }

    public function pack(Request $request, string $dutyKey, Event $event): JsonResponse
    {
        return $this->answer->pack($event, HelpersDay::writer($request));
    }

    public function live(LiveRequest $request, string $dutyKey, Event $event): JsonResponse
    {
        return $this->answer->live($event, $request->integer('since'), HelpersDay::writer($request));
    }

    public function store(EntriesRequest $request, string $dutyKey, Event $event): JsonResponse
    {
        return $this->answer->stored($request, $event, HelpersDay::writer($request));
    }

    public function worker(Request $request, string $dutyKey, Event $event): Response
    {
        return $this->answer->worker($event, self::door($request, $dutyKey, $event));
    }

    public function pocket(Request $request, string $dutyKey, Event $event, EventFrames $frames): View
    {
        $door = self::door($request, $dutyKey, $event);

        return view('rules.pocket', ['event' => $event, 'book' => PocketBook::of($frames->of($event)), 'back' => $door->url]);
    }

    private static function door(Request $request, string $dutyKey, Event $event): DayDoor
    {
        return DayDoor::ofHelper($event, HelpersDay::writer($request), $dutyKey);
    }
}
