<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use KeenShadow\Core\Viewers\Design\DesignRecord;

/** Viewers of the demo: good ones, and one that shows nothing. */
final class DemoViewers
{
    public static function workshop(Event $total, Event $ring): void
    {
        self::keep($total, 'Shoe box', ['build' => 'box', 'distance_mm' => 300, 'hole_mm' => 0.6]);
        self::keep($total, 'Long tube', ['build' => 'mailing_tube', 'distance_mm' => 900, 'hole_mm' => 1.2]);
        self::keep($total, 'Pencil hole in a cereal box', ['build' => 'box', 'distance_mm' => 280, 'hole_mm' => 6]);
        self::keep($total, 'Refractor on the square', ['build' => 'telescope', 'instrument' => 'refractor', 'eyepiece' => 'uncemented', 'finder' => 'capped_both', 'mounted' => 'tripod', 'attended' => true]);
        self::keep($ring, 'Mirror on the gym wall', ['build' => 'mirror', 'instrument' => 'flat_mirror', 'distance_mm' => 24000, 'hole_mm' => 30]);
        self::keep($ring, 'The word SOL', ['build' => 'pattern', 'text' => 'SOL']);
    }

    /** @param array<string, mixed> $record */
    private static function keep(Event $event, string $name, array $record): void
    {
        $event->viewers()->create(['name' => $name, 'design' => DesignRecord::read($record, isWhole: false)]);
    }
}
