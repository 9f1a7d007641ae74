<?php

declare(strict_types=1);

/** Measures the site's sums on a plan with 60 obstacles and a horizon of 5 000 points, as shares of what they may take. */

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Shadow\ShadowOnGround;
use KeenShadow\Core\Site\Skyline\SpotMap;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunTrack;

require __DIR__ . '/../vendor/autoload.php';

const OBSTACLES = 60;
const SPOTS = 6;
const CELLS = 50;
const PLAN_SECONDS = 0.1;
const MAP_SECONDS = 2.0;

/** The shortest of five runs, in seconds. */
function timed(callable $work): float
{
    $best = INF;
    for ($i = 0; $i < 5; ++$i) {
        $start = hrtime(true);
        $work();
        $best = min($best, (hrtime(true) - $start) / 1e9);
    }

    return $best;
}

function plan(): SitePlan
{
    mt_srand(27);
    $things = [];
    for ($i = 0; $i < OBSTACLES; ++$i) {
        [$x, $y, $width, $depth] = [mt_rand(-100, 90), mt_rand(-100, 90), mt_rand(2, 14), mt_rand(2, 14)];
        $things[] = $i % 2 === 0
            ? Thing::of(ThingKind::Tree, "tree {$i}", [new PlanPoint($x, $y)], mt_rand(4, 12), mt_rand(1, 4))
            : Thing::of(ThingKind::Building, "house {$i}", [new PlanPoint($x, $y), new PlanPoint($x + $width, $y + 1), new PlanPoint($x + $width, $y + $depth), new PlanPoint($x, $y + $depth)], mt_rand(3, 12));
    }
    for ($i = 0; $i < SPOTS; ++$i) {
        $things[] = Thing::of(ThingKind::Audience, "spot {$i}", [new PlanPoint(mt_rand(-90, 90), mt_rand(-90, 90))]);
    }

    return SitePlan::of($things, HorizonProfile::of(array_map(static fn(int $i): array => [$i * 0.072, 2 + sin($i / 40)], range(0, HorizonProfile::MOST_POINTS - 1))), 0.5);
}

$observer = Observer::at(36.5297, -6.2926, 10);
// High in the morning, low in the evening.
foreach (['2027-08-02' => ['07:00', '10:40'], '2026-08-12' => ['17:00', '20:00']] as $date => [$begin, $end]) {
    $eclipse = (new EclipseSearch())->onDate($date);
    $circumstances = $eclipse->circumstances($observer);
    $whole = timed(static function () use ($eclipse, $observer, $circumstances, $date, $begin, $end): void {
        $plan = plan();
        $track = SunTrack::over($eclipse, $observer, new DateTimeImmutable("{$date}T{$begin}Z"), new DateTimeImmutable("{$date}T{$end}Z"));
        foreach ($plan->places() as $place) {
            SpotOutlook::from($place->at(), $place->heightM, $plan, $track, $circumstances)->verdict();
        }
        foreach ($plan->obstacles() as $obstacle) {
            ShadowOnGround::of($obstacle, $track->at($circumstances->maximum->julianDateUt()));
        }
    });
    $map = timed(static function () use ($eclipse, $observer, $circumstances, $date, $begin, $end): void {
        $track = SunTrack::over($eclipse, $observer, new DateTimeImmutable("{$date}T{$begin}Z"), new DateTimeImmutable("{$date}T{$end}Z"));
        SpotMap::over(plan(), new PlanPoint(-100, -100), new PlanPoint(100, 100), CELLS, 1.5, $track, $circumstances->maximum->julianDateUt());
    });
    printf("%s: a plan with %d obstacles and %d spots takes %.2f of its %.1f s, a map of %d × %d spots %.2f of its %.1f s\n", $date, OBSTACLES, SPOTS, $whole / PLAN_SECONDS, PLAN_SECONDS, CELLS, CELLS, $map / MAP_SECONDS, MAP_SECONDS);
}
