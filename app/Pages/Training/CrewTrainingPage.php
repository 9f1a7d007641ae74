<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Domain\Training\TrainingRecord;
use App\Models\Event;
use App\Text\TrainingWords;
use KeenShadow\Core\Training\Record\CrewTask;
use KeenShadow\Core\Training\Record\Need;

/** Who of the crew has passed what each duty asks for. */
final readonly class CrewTrainingPage
{
    /**
     * @param array<string, string> $tasks names by word
     * @param array<string, list<string>> $needs what each asks for
     * @param list<array{name: string, tasks: array<string, array{isPassed: bool, lacking: list<string>}>}> $rows by name
     */
    private function __construct(public array $tasks, public array $needs, public array $rows, public int $days) {}

    public static function of(Event $event, TrainingRecord $record): self
    {
        $judge = $record->judge();
        $attempts = $record->ofHelpers($event);
        $rows = [];
        foreach ($event->helpers()->orderBy('name')->get() as $helper) {
            $rows[] = ['name' => $helper->name, 'tasks' => array_column(array_map(static function (CrewTask $task) use ($event, $record, $attempts, $helper, $judge): array {
                $lacking = $record->lacking($event, $attempts[$helper->id] ?? [], $task);

                return [$task->value, ['isPassed' => $lacking === [], 'lacking' => array_map(static fn(Need $need): string => TrainingWords::need($need, $judge), $lacking)]];
            }, CrewTask::cases()), 1, 0)];
        }

        return new self(
            array_column(array_map(static fn(CrewTask $task): array => [$task->value, TrainingWords::task($task)], CrewTask::cases()), 1, 0),
            array_column(array_map(static fn(CrewTask $task): array => [$task->value, array_map(static fn(Need $need): string => TrainingWords::need($need, $judge), $task->needs())], CrewTask::cases()), 1, 0),
            $rows,
            Need::RECENT_DAYS,
        );
    }
}
