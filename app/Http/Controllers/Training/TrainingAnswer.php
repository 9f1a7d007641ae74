<?php

declare(strict_types=1);

namespace App\Http\Controllers\Training;

use App\Domain\Event\EventReader;
use App\Domain\Training\TrainingRecord;
use App\Http\Requests\Training\ResultsRequest;
use App\Models\Event;
use App\Pages\Training\CardsPack;
use App\Pages\Training\DrillPack;
use App\Pages\Training\LensPack;
use App\Pages\Training\ScenePack;
use App\Pages\Training\StepsPack;
use App\Pages\Training\TrainingDoor;
use App\Pages\Training\TrainingPage;
use Illuminate\Http\JsonResponse;
use Illuminate\View\View;
use KeenShadow\Core\Training\Cards\Duty;

/** The exercises, whoever came by which door. */
final readonly class TrainingAnswer
{
    private const HIGHEST_SEED = 999_999_999;

    public function __construct(
        private TrainingRecord $record,
        private EventReader $reader,
    ) {}

    public function page(Event $event, TrainingDoor $door): TrainingPage
    {
        return TrainingPage::of($door, $this->record->of($event, $door->trainee), $this->record->judge());
    }

    public function cards(Event $event, TrainingDoor $door, Duty $duty): View
    {
        return view('training.cards', ['event' => $event, 'door' => $door, 'duty' => $duty, 'pack' => CardsPack::of($duty, $this->record->cards(), random_int(1, self::HIGHEST_SEED), $this->record->of($event, $door->trainee), $this->record->judge())]);
    }

    public function scene(Event $event, TrainingDoor $door, string $id): View
    {
        return view('training.scene', ['event' => $event, 'door' => $door, 'scene' => $scene = $this->record->judge()->scenes[$id] ?? abort(404), 'pack' => ScenePack::of($scene)]);
    }

    public function steps(Event $event, TrainingDoor $door, string $id): View
    {
        return view('training.steps', ['event' => $event, 'door' => $door, 'order' => $order = $this->record->judge()->orders[$id] ?? abort(404), 'pack' => StepsPack::of($order, random_int(1, self::HIGHEST_SEED))]);
    }

    public function lenses(Event $event, TrainingDoor $door): View
    {
        return view('training.lenses', ['event' => $event, 'door' => $door, 'pack' => LensPack::of(random_int(1, self::HIGHEST_SEED))]);
    }

    public function drill(Event $event, TrainingDoor $door): View
    {
        return view('training.drill', ['event' => $event, 'door' => $door, 'pack' => DrillPack::of($this->reader->facts($event))]);
    }

    public function store(ResultsRequest $request, Event $event, TrainingDoor $door): JsonResponse
    {
        $results = $request->results();
        $told = $this->record->store($event, $door->trainee, $results);

        return new JsonResponse(['results' => (object) $told, 'words' => (object) ResultWords::of($results, $this->record->judge())]);
    }
}
