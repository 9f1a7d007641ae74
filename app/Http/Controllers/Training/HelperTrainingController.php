<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Http\Middleware\HelpersDay;
use App\Http\Requests\Training\ResultsRequest;
use App\Models\Event;
use App\Pages\Training\TrainingDoor;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use KeenShadow\Core\Training\Cards\Duty;

/** The same for a helper without an account, by the private address. */
final class HelperTrainingController
{
    public function __construct(private readonly TrainingAnswer $answer) {}

    public function index(Request $request, string $dutyKey, Event $event): View
    {
        $door = self::door($request, $dutyKey, $event);

        return view('training.own', ['event' => $event, 'door' => $door, 'page' => $this->answer->page($event, $door)]);
    }

    public function cards(Request $request, string $dutyKey, Event $event, string $trainingDuty): View
    {
        return $this->answer->cards($event, self::door($request, $dutyKey, $event), Duty::tryFrom($trainingDuty) ?? abort(404));
    }

    public function scene(Request $request, string $dutyKey, Event $event, string $exercise): View
    {
        return $this->answer->scene($event, self::door($request, $dutyKey, $event), $exercise);
    }

    public function steps(Request $request, string $dutyKey, Event $event, string $exercise): View
    {
        return $this->answer->steps($event, self::door($request, $dutyKey, $event), $exercise);
    }

    public function lenses(Request $request, string $dutyKey, Event $event): View
    {
        return $this->answer->lenses($event, self::door($request, $dutyKey, $event));
    }

    public function drill(Request $request, string $dutyKey, Event $event): View
    {
        return $this->answer->drill($event, self::door($request, $dutyKey, $event));
    }

    public function store(ResultsRequest $request, string $dutyKey, Event $event): JsonResponse
    {
        return $this->answer->store($request, $event, self::door($request, $dutyKey, $event));
    }

    private static function door(Request $request, string $dutyKey, Event $event): TrainingDoor
    {
        return TrainingDoor::ofHelper($event, HelpersDay::helper($request), $dutyKey);
    }
}
