<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Position\Coordinates;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Site\Doorway\Banner;
use KeenShadow\Core\Site\Mirror\FlatMirror;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Shadow\ShadowOnGround;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Site\Skyline\AzimuthSpan;
use KeenShadow\Core\Site\Skyline\ClearSky;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Tests\ReferenceTable;

/** What must hold whatever is drawn. The random plans are the same in every run. */
final class SitePropertiesTest extends SiteTestCase
{
    protected function setUp(): void
    {
        mt_srand(1133);
    }

    /** Source: ERFA's gd2gc on WGS84 (reference/make_reference.py). */
    public function testThePlaneTouchesTheEllipsoid(): void
    {
        foreach (ReferenceTable::read(__DIR__ . '/reference/plan-frame.csv') as $row) {
            $frame = new LocalTangentPlane((float) $row['lat0'], (float) $row['lon0']);
            $point = $frame->toPlan(new Coordinates((float) $row['lat'], (float) $row['lon']));
            $reference = new PlanPoint((float) $row['east_m'], (float) $row['north_m']);
            self::assertLessThan(0.02, $point->distanceM($reference), implode(' ', $row));
            self::assertLessThan(0.001, $frame->toPlan($frame->toGlobe($point))->distanceM($point));
        }
    }

    /** A shadow's end sees the top of what throws it in the Sun's direction: shade and skyline are two sides of one thing. */
    public function testTheEndOfAShadowSeesTheTopBeforeTheSun(): void
    {
        for ($i = 0; $i < 40; ++$i) {
            $sun = self::sun(mt_rand(0, 359), mt_rand(4, 70));
            $wall = self::randomWall();
            foreach (ShadowOnGround::of($wall, $sun, 1.5) as [$a, $b, $c, $d]) {
                $end = $c->middle($d);
                self::assertEqualsWithDelta($sun->altitudeDeg, Skyline::over(self::plan($wall), $end, 1.5)->altitudeDegAt($sun->azimuthDeg), 1e-6);
                self::assertEqualsWithDelta(fmod($sun->azimuthDeg, 360), $end->bearingDeg($a->middle($b)), 1e-6);
            }
        }
    }

    /** The sweep over an outline's edges finds what looking at every pair of them finds. */
    public function testAnOutlineThatCrossesItselfIsFoundAsByAllPairs(): void
    {
        mt_srand(4);
        $crossing = 0;
        for ($i = 0; $i < 1500; ++$i) {
            $n = mt_rand(3, 9);
            $corners = array_map(static fn(): PlanPoint => new PlanPoint(mt_rand(0, 12), mt_rand(0, 12)), range(1, $n));
            $crosses = false;
            for ($a = 0; $a < $n; ++$a) {
                for ($b = $a + 2; $b < $n; ++$b) {
                    $crosses = $crosses || ($b + 1) % $n !== $a && PlanLines::cross($corners[$a], $corners[($a + 1) % $n], $corners[$b], $corners[($b + 1) % $n]);
                }
            }
            try {
                Thing::of(ThingKind::Building, 'house', $corners);
                self::assertFalse($crosses);
            } catch (SiteException $e) {
                self::assertTrue($crosses || $e->reason !== 'crosses_itself');
                ++$crossing;
            }
        }
        self::assertGreaterThan(500, $crossing);
    }

    /** The swept strips together shade a point just when some wall's own parallelogram does, or it stands inside the footprint. */
    public function testTheStripsOfAnOutlineShadeWhatItsWallsShade(): void
    {
        mt_srand(8);
        $shaded = 0;
        for ($i = 0; $i < 60; ++$i) {
            $sun = self::sun(mt_rand(0, 359), mt_rand(8, 60));
            $n = mt_rand(4, 24);
            $corners = array_map(static fn(int $k): PlanPoint => (new PlanPoint(0, 0))->travel(($i % 2 === 0 ? 360 : -360) * $k / $n, mt_rand(40, 160) / 10), range(0, $n - 1));
            $thing = $i % 3 === 0 ? Thing::of(ThingKind::Wall, 'fence', $corners, 5) : Thing::of(ThingKind::Building, 'house', $corners, 5);
            $strips = array_map(static fn(array $outline): Thing => Thing::kept(ThingKind::PaleConcrete, 'strip', $outline, 0, 0, 0), ShadowOnGround::of($thing, $sun));
            self::assertSame([], array_filter($strips, static fn(Thing $strip): bool => $strip->isClockwise), 'all turn the same way');
            for ($k = 0; $k < 60; ++$k) {
                $point = new PlanPoint(mt_rand(-250, 250) / 10 + 0.013, mt_rand(-250, 250) / 10 + 0.017);
                // Towards the Sun from there: does the ray meet a wall before it has risen above it?
                $end = $point->travel($sun->azimuthDeg, ShadowOnGround::lengthM(5, $sun));
                $isBehindAWall = array_filter($thing->edges, static fn(array $edge): bool => PlanLines::cross($edge[0], $edge[1], $point, $end)) !== [];
                if ($thing->contains($point)) {
                    continue;
                }
                $isInAStrip = array_filter($strips, static fn(Thing $strip): bool => $strip->contains($point)) !== [];
                self::assertSame($isBehindAWall, $isInAStrip, "{$i} {$k}");
                $shaded += (int) $isInAStrip;
            }
        }
        self::assertGreaterThan(300, $shaded);
    }

    /** Whatever may be higher, nearer or wider never hides less; more height and another obstacle neither. */
    public function testUncertaintyAndHeightOnlyEverHideMore(): void
    {
        $track = self::track('2028-01-26', '15:00', '17:40');
        for ($i = 0; $i < 12; ++$i) {
            $wall = self::randomWall();
            $higher = Thing::of($wall->kind, 'higher', $wall->points, $wall->heightM + 1);
            $other = Thing::of(ThingKind::Tree, 'tree', [new PlanPoint(mt_rand(-30, 30), mt_rand(-30, 30))], 9, 2);
            $free = static fn(Skyline $s): float => ClearSky::from($s, $track)->clearSeconds($track->beginUt, $track->endUt);
            $now = $free(Skyline::from(self::here(), 1.5, [$wall], HorizonProfile::level()));
            foreach ([
                'grown' => Skyline::from(self::here(), 1.5, [$wall], HorizonProfile::level(), 0.7),
                'higher' => Skyline::from(self::here(), 1.5, [$higher], HorizonProfile::level()),
                'one more' => Skyline::from(self::here(), 1.5, [$wall, $other], HorizonProfile::level()),
                'hills' => Skyline::from(self::here(), 1.5, [$wall], HorizonProfile::of([[0, 2]])),
            ] as $what => $skyline) {
                self::assertLessThanOrEqual($now + 0.5, $free($skyline), $what);
            }
        }
    }

    /** Looking only where the Sun goes leaves nothing out. */
    public function testTheSpanOfAzimuthsLeavesNothingOut(): void
    {
        foreach (['2028-01-26' => ['14:30', '17:40'], '2027-08-02' => ['07:00', '10:40']] as $date => [$begin, $end]) {
            $track = self::track($date, $begin, $end);
            $walls = array_map(static fn(): Thing => self::randomWall(), range(1, 25));
            $all = Skyline::from(self::here(), 1.5, $walls, HorizonProfile::level(), 0.4);
            $some = Skyline::from(self::here(), 1.5, $walls, HorizonProfile::level(), 0.4, AzimuthSpan::ofTrack($track));
            self::assertLessThan(count($all->walls()), count($some->walls()));
            foreach ($track->positions(120.0) as $sun) {
                self::assertSame($all->visibilityOf($sun), $some->visibilityOf($sun));
            }
        }
    }

    /** From the eye to its hole is the way to the Sun, in space. */
    public function testTheHoleLiesOnTheWayToTheSun(): void
    {
        $plan = self::plan(self::thing(ThingKind::Building, [[0, 0], [30, 0], [30, 30], [0, 30]], 20, name: 'hall'));
        for ($i = 0; $i < 60; ++$i) {
            $door = Facade::of('door', self::here(10, 0), self::here(14, 0), 0, 10, $plan);
            $sun = self::sun(mt_rand(110, 250), mt_rand(2, 70));
            $distance = mt_rand(20, 200) / 100;
            $banner = Banner::across($door, $distance, $plan);
            // The door looks south: right of the eye, looking out, is west.
            $way = new Vector3(-(float) $banner->holeToTheRightM($sun), -$distance, (float) $banner->holeHeightM(1.2, $sun) - 1.2);
            self::assertEqualsWithDelta(1.0, $way->times(1 / $way->length())->dot($sun->direction()), 1e-9);
        }
    }

    /** The reflected ray goes from the mirror to the target, and tilt and bearing name the same normal. */
    public function testTheMirrorSendsTheSunToItsTarget(): void
    {
        $track = self::track('2028-01-26', '14:30', '17:30');
        for ($i = 0; $i < 40; ++$i) {
            $sun = $track->at($track->beginUt + mt_rand(0, 120) / 1440);
            $mirror = self::thing(ThingKind::Mirror, [[0, 0]], 0.8);
            $target = Thing::of(ThingKind::Screen, 'screen', [new PlanPoint(mt_rand(5, 40) * (mt_rand(0, 1) === 1 ? 1 : -1), mt_rand(5, 40))], mt_rand(0, 6));
            $aimed = FlatMirror::aimed($sun, $track, $mirror, $target, 180);
            $normal = (new SunPosition(0, $aimed->bearingDeg(), $aimed->tiltDeg(), 0, 0))->direction();
            $ray = $normal->times(2 * $normal->dot($sun->direction()))->minus($sun->direction());
            $way = new Vector3($target->at()->eastM, $target->at()->northM, $target->heightM - 0.8);
            self::assertEqualsWithDelta(1.0, $ray->dot($way->times(1 / $way->length())), 1e-9);
            self::assertEqualsWithDelta(cos(deg2rad($aimed->incidenceDeg())), $normal->dot($sun->direction()), 1e-9);
        }
    }

    private static function randomWall(): Thing
    {
        do {
            $a = new PlanPoint(mt_rand(-60, 60), mt_rand(-60, 60));
            $b = new PlanPoint(mt_rand(-60, 60), mt_rand(-60, 60));
        } while ($a->distanceM($b) < 2 || $a->distanceM(self::here()) < 3 || $b->distanceM(self::here()) < 3);

        return Thing::of(ThingKind::Wall, 'wall ' . mt_rand(), [$a, $b], mt_rand(2, 15));
    }
}
