<?php

declare(strict_types=1);

namespace App\Jobs\Event;

use App\Domain\Event\EventFacts;
use App\Domain\Event\PlaceFiles;
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceBundle;
use Illuminate\Container\Attributes\Tag;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Makes the run sheets, or all of a kit, of some places of a bundle. It may be taken up again: what is made stays, and is there once. */
final class MakeForPlaces implements ShouldQueue
{
    use Queueable;

    public const CHUNK = 5;

    public int $tries = 3;
    /** Below retry_after of its connection, so that nobody takes it up twice. */
    public int $timeout = 100;
    public bool $failOnTimeout = true;

    public function __construct(
        private readonly int $bundleId,
        private readonly int $fromPosition,
    ) {}

    /** Has what is not made yet made, once more where it failed. */
    public static function dispatchFor(PlaceBundle $bundle): void
    {
        DB::transaction(static function () use ($bundle): void {
            $bundle->update(['failed_at' => null]);
            $missing = $bundle->placeList->places()->whereNotIn('position', $bundle->places()->select('position'))->orderBy('position')->get(['position']);
            foreach ($missing->map(static fn(ListedPlace $place): int => intdiv($place->position, self::CHUNK))->unique() as $chunk) {
                self::dispatch($bundle->id, $chunk * self::CHUNK);
            }
        });
    }

    public function failed(): void
    {
        PlaceBundle::query()->whereKey($this->bundleId)->update(['failed_at' => Date::now()]);
    }

    /** @param iterable<PlaceFiles> $rooms */
    public function handle(Eclipses $eclipses, Gazetteer $gazetteer, #[Tag('place-files')] iterable $rooms): void
    {
        $bundle = PlaceBundle::query()->with(['event.sheetRevision', 'placeList'])->find($this->bundleId);
        if ($bundle === null) {
            return;
        }
        $places = $bundle->placeList->places()->whereBetween('position', [$this->fromPosition, $this->fromPosition + self::CHUNK - 1])->get();
        foreach ($places as $place) {
            if ($bundle->places()->where('position', $place->position)->doesntExist()) {
                $timezone = $place->timezone ?? $gazetteer->around($place->lat, $place->lon)->timezone();
                $there = $bundle->event->elsewhere($place->name, $place->lat, $place->lon, $place->height_m, $timezone);
                self::keep($bundle, $place, self::files($bundle, $place, new EventFacts($there, $eclipses->at($there), null), $rooms));
            }
        }
    }

    /**
     * @param iterable<PlaceFiles> $rooms
     *
     * @return array<string, string> content by name
     */
    private static function files(PlaceBundle $bundle, ListedPlace $place, EventFacts $there, iterable $rooms): array
    {
        $contents = [];
        foreach ($bundle->kind->files() as $file) {
            foreach ($rooms as $room) {
                $contents[$file->value] ??= $room->content($file, $there, "-place-{$place->id}", $bundle->paper);
            }
        }

        return array_filter($contents, static fn(?string $content): bool => $content !== null);
    }

    /** @param array<string, string> $files content by name */
    private static function keep(PlaceBundle $bundle, ListedPlace $place, array $files): void
    {
        DB::transaction(static function () use ($bundle, $place, $files): void {
            if ($bundle->places()->insertOrIgnore(['place_bundle_id' => $bundle->id, 'position' => $place->position, 'name' => $place->name]) === 0) {
                return;
            }
            foreach ($files as $file => $content) {
                DB::insert("insert into bundled_files (place_bundle_id, position, file, content) values (?, ?, ?, decode(?, 'base64'))", [$bundle->id, $place->position, $file, base64_encode($content)]);
            }
        });
    }
}
