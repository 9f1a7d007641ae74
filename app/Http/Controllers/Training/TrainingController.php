<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Domain\Training\TrainingRecord;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\Training\CrewTrainingPage;
use App\Pages\Training\TrainingDoor;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

/** What there is to practise, and who of the crew has passed what. */
final class TrainingController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function index(Event $event, TrainingAnswer $answer, #[CurrentUser] User $user): View
    {
        return view('training.index', ['frame' => $this->frames->of($event), 'page' => $answer->page($event, TrainingDoor::ofUser($event, $user))]);
    }

    public function crew(Event $event, TrainingRecord $record): View
    {
        return view('training.crew', ['frame' => $this->frames->of($event), 'page' => CrewTrainingPage::of($event, $record)]);
    }
}
