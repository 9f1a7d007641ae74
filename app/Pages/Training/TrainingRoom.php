<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Domain\Event\EventFacts;
use App\Models\Training\TrainingResult;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;

final readonly class TrainingRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $people = TrainingResult::query()->where('event_id', $facts->event->id)->distinct()->count('helper_id');

        return new RoomStatus(
            'training',
            __('Training'),
            route('training.index', $facts->event),
            $people === 0 ? __('nobody has practised yet') : trans_choice('{1} 1 helper has practised|[2,*] :count helpers have practised', $people),
            $people === 0,
        );
    }
}
