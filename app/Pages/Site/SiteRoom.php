<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Domain\Event\EventFacts;
use App\Pages\Event\Room;
use App\Pages\Event\RoomStatus;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Site\Skyline\OutlookSummary;
use KeenShadow\Core\Sky\ContactName;

final readonly class SiteRoom implements Room
{
    public function status(EventFacts $facts): RoomStatus
    {
        $outlook = $facts->outlook;

        return new RoomStatus(
            'site',
            __('Site'),
            route('site.show', $facts->event),
            $outlook === null ? __('nothing drawn yet') : self::toDo($outlook),
            $outlook === null || $outlook->lost !== [] || $outlook->level !== Level::Yes,
        );
    }

    private static function toDo(OutlookSummary $outlook): string
    {
        return match (true) {
            $outlook->lost !== [] => __(':contacts hidden', ['contacts' => implode(', ', array_map(static fn(ContactName $name): string => $name->value, $outlook->lost))]),
            $outlook->level === Level::Hold => __('the Sun is hidden or close to it for a while'),
            default => __('the Sun is clear'),
        };
    }
}
