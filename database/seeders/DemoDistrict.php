<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Jobs\Sky\ComputePlaces;
use App\Models\Event;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceList;
use Illuminate\Support\Str;

/** Schools around the bay that watch the ring on the same afternoon. All of them are invented. */
final class DemoDistrict
{
    private const SCHOOLS = [
        ['Salt Pan School', 36.5172, -6.2781, 6],
        ['Two Towers School', 36.4650, -6.2010, 12],
        ['Heron Lane School', 36.5290, -6.1880, 15],
        ['Old Pier School', 36.5960, -6.2330, 8],
        ['Cork Oak School', 36.4220, -5.9800, 90],
        ['Lighthouse School', 36.7380, -6.4290, 10],
    ];

    public static function schools(Event $event): void
    {
        $list = PlaceList::query()->create(['uuid' => Str::uuid7()->toString(), 'event_id' => $event->id, 'name' => 'Schools of the bay', 'size' => count(self::SCHOOLS)]);
        foreach (self::SCHOOLS as $position => [$name, $lat, $lon, $heightM]) {
            ListedPlace::query()->create(['place_list_id' => $list->id, 'position' => $position, 'name' => $name, 'lat' => $lat, 'lon' => $lon, 'height_m' => $heightM]);
        }
        (new ComputePlaces($list->id, 0))->handle(app(Eclipses::class), app(Gazetteer::class));
    }
}
