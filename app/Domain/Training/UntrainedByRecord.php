<?php

declare(strict_types=1);

namespace App\Domain\Training;

use App\Domain\Event\UntrainedHelpers;
use App\Models\Event;
use KeenShadow\Core\Training\Record\CrewTask;

final readonly class UntrainedByRecord implements UntrainedHelpers
{
    public function __construct(private TrainingRecord $record) {}

    public function of(Event $event): array
    {
        $attempts = $this->record->ofHelpers($event);
        $untrained = [];
        foreach ($event->helpers()->get() as $helper) {
            $own = $attempts[$helper->id] ?? [];
            $untrained[$helper->id] = array_values(array_map(static fn(CrewTask $task): string => $task->value, array_filter(CrewTask::cases(), fn(CrewTask $task): bool => $this->record->lacking($event, $own, $task) !== [])));
        }

        return $untrained;
    }
}
