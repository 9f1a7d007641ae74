<?php

declare(strict_types=1);

namespace Tests\Feature\Photo;

use App\Models\Event;
use App\Models\Photo\FilterCheck;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Models\User;
use Illuminate\Support\Str;
use KeenShadow\Core\Photo\Kit\KitKind;

/** A camera with all that belongs to it. */
trait WithCameras
{
    protected const PROGRAMME = [
        'f_number' => 7.5, 'iso' => 100, 'iso_filtered' => 100, 'hand_s' => 4, 'interval_s' => 300, 'cloud_stops' => 0, 'corona_radii' => 1.5, 'roll_deg' => 0, 'drift_px' => 3, 'clear_s' => 40,
        'finder' => 'removed', 'watched_by' => 'Omar', 'place' => '', 'wanted' => [
            ['name' => 'First beads', 'from' => 'beads', 'to' => null, 'step_stops' => 1, 'frames' => 5, 'when' => 'first', 'pause_s' => 0],
            ['name' => 'Corona', 'from' => 'corona_0_1', 'to' => 'corona_4', 'step_stops' => 2, 'frames' => 2, 'when' => 'between', 'pause_s' => 2],
        ],
    ];

    /** @param array<string, mixed>|null $item null for the usual one of its kind */
    protected static function kitOf(User $owner, KitKind $kind, ?array $item = null): KitItem
    {
        return KitItem::makeOnce(Str::uuid()->toString(), ['organisation_id' => $owner->organisation_id, 'kind' => $kind, 'name' => Str::random(12), 'item' => $item ?? match ($kind) {
            KitKind::Camera => ['is_phone' => false, 'sensor_mm' => [22.3, 14.9], 'pixel_um' => 4.3, 'iso' => [100, 6400], 'frames_per_s' => 5, 'buffer_frames' => 12, 'write_s' => 0.4],
            KitKind::Optics => ['build' => 'refractor', 'focal_mm' => 600, 'f_number' => 7.5, 'aperture_mm' => 80],
            KitKind::Filter => ['make' => 'photo_front', 'seat' => 'front', 'fixing' => 'screwed'],
            KitKind::Mount => ['tracks' => true],
        }]);
    }

    /**
     * @param array<string, mixed> $programme what is other than usual
     * @param array<string, array<string, mixed>|null> $kit the same, by kind; null is none
     */
    protected static function cameraOf(Event $event, User $owner, array $programme = [], array $kit = []): PhotoPlan
    {
        $ids = [];
        foreach (KitKind::cases() as $kind) {
            $ids["{$kind->value}_id"] = array_key_exists($kind->value, $kit) && $kit[$kind->value] === null ? null : self::kitOf($owner, $kind, $kit[$kind->value] ?? null)->id;
        }
        if ($ids['filter_id'] !== null) {
            FilterCheck::makeOnce(Str::uuid()->toString(), ['filter_id' => $ids['filter_id'], 'flaws' => [], 'checked_by' => $owner->id]);
        }

        return PhotoPlan::makeOnce(Str::uuid()->toString(), ['event_id' => $event->id, 'name' => 'Refractor ' . Str::random(4), 'programme' => $programme + self::PROGRAMME] + $ids)->refresh();
    }
}
