<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Http\Requests\Training\ResultsRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Training\TrainingDoor;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\View\View;
use KeenShadow\Core\Training\Cards\Duty;

/** Exercises for somebody who is signed in. */
final class ExerciseController
{
    public function __construct(private readonly TrainingAnswer $answer) {}

    public function cards(Event $event, Duty $trainingDuty, #[CurrentUser] User $user): View
    {
        return $this->answer->cards($event, TrainingDoor::ofUser($event, $user), $trainingDuty);
    }

    public function scene(Event $event, string $exercise, #[CurrentUser] User $user): View
    {
        return $this->answer->scene($event, TrainingDoor::ofUser($event, $user), $exercise);
    }

    public function steps(Event $event, string $exercise, #[CurrentUser] User $user): View
    {
        return $this->answer->steps($event, TrainingDoor::ofUser($event, $user), $exercise);
    }

    public function lenses(Event $event, #[CurrentUser] User $user): View
    {
        return $this->answer->lenses($event, TrainingDoor::ofUser($event, $user));
    }

    public function drill(Event $event, #[CurrentUser] User $user): View
    {
        return $this->answer->drill($event, TrainingDoor::ofUser($event, $user));
    }

    public function store(ResultsRequest $request, Event $event, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer->store($request, $event, TrainingDoor::ofUser($event, $user));
    }
}
