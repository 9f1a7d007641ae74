<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\User;
use App\Pages\Event\KeptPages;

/** The looking-over stations of the newest lots. */
final class KeptStations implements KeptPages
{
    private const MOST = 6;

    public function of(Event $event, User $user): array
    {
        $lots = Lot::query()->where('organisation_id', $event->organisation_id)->orderByDesc('id')->limit(self::MOST)->get();

        return array_values($lots->filter(static fn(Lot $lot): bool => $user->can('check', $lot))->map(static fn(Lot $lot): string => route('eyewear.station', [$event, $lot], false))->all());
    }
}
