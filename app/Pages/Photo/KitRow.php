<?php

declare(strict_types=1);

namespace App\Pages\Photo;

use App\Domain\Photo\EventCameras;
use App\Models\Event;
use App\Models\Photo\KitItem;
use App\Text\KitWords;
use KeenShadow\Core\Photo\Kit\KitKind;

/** A piece of kit in the list. */
final readonly class KitRow
{
    /** @param string|null $checked of a filter: when it was last held against the Sun, and what was seen; null of all else */
    private function __construct(
        public KitItem $item,
        public string $about,
        public string $whose,
        public ?string $checked,
        public bool $isInOrder,
    ) {}

    public static function of(KitItem $item, Event $event): self
    {
        $state = $item->kind === KitKind::Filter ? EventCameras::state($item, $event) : null;

        return new self(
            $item,
            KitWords::about($item->read()),
            $item->owner === null ? __('the organisation\'s') : $item->owner->name,
            match (true) {
                $item->kind !== KitKind::Filter => null,
                $item->lastCheck === null => (string) __('never held against the Sun'),
                default => KitWords::checked($item->lastCheck->checked_at->setTimezone($event->timezone), KitWords::found($item->lastCheck->flaws)),
            },
            $state !== null && $state->flaws === [] && ($state->isToday || !$state->isDue),
        );
    }
}
