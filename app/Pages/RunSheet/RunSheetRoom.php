<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\RunSheet\EventSheet;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

final readonly class RunSheetRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $placed = EventSheet::of($facts->event->loadMissing('sheetRevision'))->sheet()->placed(EventSheet::moments($facts));
        $wrong = count(array_filter($placed, static fn(PlacedCue $p): bool => $p->notes !== []));

        return new RoomStatus(
            'runsheet',
            __('Run sheet'),
            route('runsheet.show', $facts->event),
            match (true) {
                $placed === [] => __('no cues yet'),
                $wrong > 0 => trans_choice('{1} 1 cue to look at|[2,*] :count cues to look at', $wrong),
                default => trans_choice('{1} 1 cue|[2,*] :count cues', count($placed)),
            },
            $placed === [] || $wrong > 0,
        );
    }
}
