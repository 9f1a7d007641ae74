<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Domain\Event\EventFacts;
use App\Domain\Photo\EventCameras;
use App\Models\Photo\PhotoPlan;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;
use KeenShadow\Core\Photo\Programme\FilterState;

final readonly class PhotoRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $plans = $facts->event->photoPlans()->with('filter.lastCheck')->get();
        $open = $plans->filter(static fn(PhotoPlan $plan): bool => $plan->filter === null || !self::isInOrder(EventCameras::state($plan->filter, $facts->event)))->count();

        return new RoomStatus(
            'photo',
            __('Photographs'),
            route('photo.index', $facts->event),
            match (true) {
                $plans->isEmpty() => __('no camera planned'),
                $open > 0 => trans_choice('{1} 1 filter to be checked|[2,*] :count filters to be checked', $open),
                default => trans_choice('{1} 1 camera|[2,*] :count cameras', $plans->count()),
            },
            $open > 0,
        );
    }

    private static function isInOrder(?FilterState $state): bool
    {
        return $state !== null && ($state->isToday || !$state->isDue) && $state->flaws === [];
    }
}
