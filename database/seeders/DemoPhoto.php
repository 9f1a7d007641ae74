<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use App\Models\Photo\FilterCheck;
use App\Models\Photo\FilterTest;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Kit\KitRecord;
use KeenShadow\Core\Photo\Programme\ProgrammeRecord;

/** Photographic kit of the demo, and what its two cameras and a phone are to do in totality. All of it is invented. */
final class DemoPhoto
{
    private const PROGRAMME = ['f_number' => 8, 'iso' => 200, 'iso_filtered' => 100, 'hand_s' => 4, 'interval_s' => 300, 'cloud_stops' => 0, 'corona_radii' => 2, 'roll_deg' => 0, 'drift_px' => 3, 'clear_s' => 40, 'place' => ''];

    public static function cameras(Event $total, User $organiser, User $checker): void
    {
        $keep = static fn(KitKind $kind, string $name, array $record, ?User $owner = null): KitItem => KitItem::makeOnce(Str::uuid7()->toString(), [
            'organisation_id' => $total->organisation_id, 'owner_id' => $owner?->id, 'kind' => $kind, 'name' => $name, 'item' => KitRecord::write(KitRecord::read($kind, $record)),
        ]);
        $small = $keep(KitKind::Camera, 'Small camera', ['is_phone' => false, 'sensor_mm' => [22.3, 14.9], 'pixel_um' => 4.3, 'iso' => [100, 12800], 'frames_per_s' => 5, 'buffer_frames' => 12, 'write_s' => 0.4]);
        $large = $keep(KitKind::Camera, 'Large camera', ['is_phone' => false, 'sensor_mm' => [36, 24], 'pixel_um' => 6, 'iso' => [100, 25600], 'frames_per_s' => 3, 'buffer_frames' => 8, 'write_s' => 0.7], $checker);
        $phone = $keep(KitKind::Camera, 'Old phone', ['is_phone' => true, 'sensor_mm' => [6.2, 4.6], 'pixel_um' => 1.5, 'iso' => [50, 3200], 'frames_per_s' => 1, 'buffer_frames' => 1, 'write_s' => 1, 'focal_mm' => 4.4, 'f_number' => 1.8]);
        $refractor = $keep(KitKind::Optics, 'Refractor 80/600', ['build' => 'refractor', 'focal_mm' => 600, 'f_number' => 7.5, 'aperture_mm' => 80]);
        $tele = $keep(KitKind::Optics, 'Tele lens 300', ['build' => 'lens', 'focal_mm' => 300, 'f_number' => 5.6], $checker);
        $film = $keep(KitKind::Filter, 'Film in a ring, refractor', ['make' => 'photo_front', 'seat' => 'front', 'fixing' => 'screwed']);
        $glass = $keep(KitKind::Filter, 'Glass for the tele lens', ['make' => 'visual_front', 'seat' => 'front', 'fixing' => 'taped'], $checker);
        $taped = $keep(KitKind::Filter, 'Glasses lens on the phone', ['make' => 'eclipse_glasses', 'seat' => 'front', 'fixing' => 'taped']);
        $driven = $keep(KitKind::Mount, 'Driven mount', ['tracks' => true]);
        $tripod = $keep(KitKind::Mount, 'Heavy tripod', ['tracks' => false], $checker);
        $clamp = $keep(KitKind::Mount, 'Clamp on the wall', ['tracks' => false]);
        foreach ([$film, $glass, $taped] as $filter) {
            FilterCheck::makeOnce(Str::uuid7()->toString(), ['filter_id' => $filter->id, 'flaws' => [], 'checked_by' => $checker->id, 'checked_at' => CarbonImmutable::parse('2026-08-12 17:40', 'UTC')]);
        }
        FilterTest::makeOnce(Str::uuid7()->toString(), [
            'filter_id' => $film->id, 'f_number' => 7.5, 'iso' => 100, 'exposure_s' => 1 / 2000, 'histogram' => 0.7, 'taken_at' => CarbonImmutable::parse('2026-10-03 11:10', 'UTC'),
            'lat' => $total->lat, 'lon' => $total->lon, 'remark' => 'clear, from the sea wall', 'made_by' => $organiser->id,
        ]);

        $beads = static fn(string $name, string $when): array => ['name' => $name, 'from' => 'beads', 'to' => null, 'step_stops' => 1, 'frames' => 5, 'when' => $when, 'pause_s' => 0];
        $corona = static fn(string $to, float $step): array => ['name' => 'Corona', 'from' => 'corona_0_1', 'to' => $to, 'step_stops' => $step, 'frames' => 2, 'when' => 'between', 'pause_s' => 2];
        self::plan($total, 'Refractor', [$small, $refractor, $film, $driven], ['iso' => 100, 'corona_radii' => 1.5, 'finder' => 'removed', 'watched_by' => 'Omar', 'wanted' => [$beads('First beads', 'first'), $corona('corona_4', 2), $beads('Last beads', 'last'), ['name' => 'Prominences', 'from' => 'prominences', 'to' => null, 'step_stops' => 1, 'frames' => 4, 'when' => 'between', 'pause_s' => 0]]]);
        self::plan($total, 'Tele lens', [$large, $tele, $glass, $tripod], ['iso' => 100, 'finder' => 'capped_both', 'watched_by' => 'Noor', 'wanted' => [$corona('corona_1', 1.5), $beads('Last beads', 'last')]]);
        self::plan($total, 'Phone on the wall', [$phone, null, $taped, $clamp], ['iso_filtered' => 100, 'iso' => 100, 'interval_s' => 600, 'watched_by' => 'Gus', 'wanted' => [['name' => 'The sky over the bay', 'from' => 'corona_1', 'to' => null, 'step_stops' => 1, 'frames' => 3, 'when' => 'between', 'pause_s' => 2]]]);
    }

    /**
     * @param array{KitItem, KitItem|null, KitItem, KitItem} $kit camera, optics, filter, mount
     * @param array<string, mixed> $record what is other than usual
     */
    private static function plan(Event $event, string $name, array $kit, array $record): void
    {
        PhotoPlan::makeOnce(Str::uuid7()->toString(), [
            'event_id' => $event->id, 'name' => $name, 'camera_id' => $kit[0]->id, 'optics_id' => $kit[1]?->id, 'filter_id' => $kit[2]->id, 'mount_id' => $kit[3]->id,
            'programme' => ProgrammeRecord::write(ProgrammeRecord::read($record + self::PROGRAMME)),
        ]);
    }
}
