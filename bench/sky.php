<?php

/**
 * The core's part of bin/bench sky. Prints one number a line as "name value".
 *
 *     php bench/sky.php sites FILE    sites per second for one known eclipse, over the latitudes and longitudes of FILE
 *     php bench/sky.php rest          times of the other things that have a goal, in seconds
 */

declare(strict_types=1);

use KeenShadow\Core\Sky\Catalogue;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\MagnitudeMap;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\ShadowPath;
use KeenShadow\Core\Sky\SolarEclipse;

require __DIR__ . '/../vendor/autoload.php';

const DATE = '2027-08-02';

/** The shortest of three runs, in seconds. */
function timed(callable $work): float
{
    $best = INF;
    for ($i = 0; $i < 3; ++$i) {
        $start = hrtime(true);
        $work();
        $best = min($best, (hrtime(true) - $start) / 1e9);
    }

    return $best;
}

/** @return list<Observer> */
function sites(string $file): array
{
    return array_map(static function (string $line): Observer {
        [$lat, $lon] = explode(' ', $line);

        return Observer::at((float) $lat, (float) $lon);
    }, file($file, FILE_IGNORE_NEW_LINES) ?: []);
}

if (($argv[1] ?? '') === 'make') {
    // Places that see the eclipse with the Sun well up, so that every program answers with the same one.
    $eclipse = (new EclipseSearch())->onDate(DATE);
    for ($i = 0, $made = 0; $made < 4000; ++$i) {
        $observer = Observer::at(round(rad2deg(asin(1 - fmod($i * 0.618034, 1) * 2)), 4), round(fmod($i * 137.50776, 360) - 180, 4));
        $c = $eclipse->circumstances($observer);
        if ($c->contacts() !== [] && $c->maximum->altitudeDeg() > 15 && $c->maximum->magnitude() > 0.1) {
            echo "{$observer->latDeg} {$observer->lonDeg}\n";
            ++$made;
        }
    }
    exit;
}

if (($argv[1] ?? '') === 'sites') {
    $sites = sites($argv[2]);
    $eclipse = (new EclipseSearch())->onDate(DATE);
    $seconds = timed(static function () use ($sites, $eclipse): void {
        foreach ($sites as $observer) {
            $eclipse->circumstances($observer)->maximum->obscuration();
        }
    });
    printf("sites_per_second %.1f\n", count($sites) / $seconds);
    exit;
}

$search = new EclipseSearch();
$eclipse = $search->onDate(DATE);
$site = Observer::at(36.53, -6.29);
$towns = array_map(static function (string $line): array {
    $cells = explode("\t", $line);

    return [(float) $cells[3], (float) $cells[4]];
}, gzfile(__DIR__ . '/../database/data/places.tsv.gz') ?: []);
$rows = array_map(static fn(SolarEclipse $e): array => Catalogue::solarRow($e), iterator_to_array($search->inYears(2027, 2199), false));

printf("one_site_from_nothing_s %.5f\n", timed(static fn() => (new EclipseSearch())->onDate(DATE)->circumstances($site)));
printf("all_687_eclipses_s %.3f\n", timed(static fn() => iterator_to_array($search->inYears(1900, 2199), false)));
printf("all_%d_towns_s %.3f\n", count($towns), timed(static function () use ($towns, $eclipse): void {
    foreach ($towns as [$lat, $lon]) {
        $eclipse->circumstances(Observer::at($lat, $lon));
    }
}));
printf("path_and_map_s %.3f\n", timed(static function () use ($eclipse): void {
    ShadowPath::of($eclipse);
    $map = MagnitudeMap::of($eclipse);
    foreach ([0.0, 0.2, 0.4, 0.6, 0.8] as $magnitude) {
        $map->lineOf($magnitude);
    }
    $map->riseSetLine();
}));
printf("next_here_to_2199_s %.3f\n", timed(static function () use ($rows, $site): void {
    foreach ($rows as $row) {
        Catalogue::solarEclipse($row)->circumstances($site)->isSeen();
    }
}));
