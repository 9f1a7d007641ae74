<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use App\Models\User;
use App\Models\Viewers\Viewer;
use App\Models\Viewers\ViewerTrial;
use Illuminate\Support\Str;
use KeenShadow\Core\Viewers\Design\DesignRecord;

/** Viewers of the demo: good ones, and one that shows nothing. */
final class DemoViewers
{
    public static function workshop(Event $total, Event $ring, User $by): void
    {
        self::keep($total, 'Shoe box', ['build' => 'box', 'distance_mm' => 300, 'hole_mm' => 0.6], wanted: 6);
        $tube = self::keep($total, 'Long tube', ['build' => 'mailing_tube', 'distance_mm' => 900, 'hole_mm' => 1.2], wanted: 1);
        foreach ([['2026-10-03', 8.5, 0.3, 'crisp', 'on the sea wall'], ['2026-10-10', 9.6, 0.3, 'soft', 'after the rear screen was moved']] as [$day, $mm, $uncertainty, $edge, $remark]) {
            ViewerTrial::query()->create(['uuid' => Str::uuid7()->toString(), 'viewer_id' => $tube->id, 'design' => $tube->design, 'tried_on' => $day, 'image_mm' => $mm, 'uncertainty_mm' => $uncertainty, 'sharpness' => $edge, 'remark' => $remark, 'tried_by' => $by->id]);
        }
        self::keep($total, 'Pencil hole in a cereal box', ['build' => 'box', 'distance_mm' => 280, 'hole_mm' => 6]);
        self::keep($total, 'Refractor on the square', ['build' => 'telescope', 'instrument' => 'refractor', 'eyepiece' => 'uncemented', 'finder' => 'capped_both', 'mounted' => 'tripod', 'attended' => true]);
        self::keep($ring, 'Mirror on the gym wall', ['build' => 'mirror', 'instrument' => 'flat_mirror', 'distance_mm' => 24000, 'hole_mm' => 30], wanted: 1);
        self::keep($ring, 'The word SOL', ['build' => 'pattern', 'text' => 'SOL']);
    }

    /** @param array<string, mixed> $record */
    private static function keep(Event $event, string $name, array $record, int $wanted = 0): Viewer
    {
        $viewer = $event->viewers()->create(['name' => $name, 'design' => DesignRecord::read($record, isWhole: false)]);
        $viewer->forceFill(['wanted' => $wanted])->save();

        return $viewer;
    }
}
