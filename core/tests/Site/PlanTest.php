<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Position\Coordinates;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Site\Skyline\Skyline;
use PHPUnit\Framework\Attributes\DataProvider;

final class PlanTest extends SiteTestCase
{
    /** Source: lengths of a degree on WGS84, as geodetic tables give them (from memory). */
    public function testMetresOfADegree(): void
    {
        foreach ([[0.0, 110574.3, 111319.5], [45.0, 111131.7, 78846.8], [60.0, 111412.2, 55800.0]] as [$lat, $north, $east]) {
            $frame = new LocalTangentPlane($lat, 179.9995);
            self::assertEqualsWithDelta($north / 1000, $frame->toPlan(new Coordinates($lat + 0.001, 179.9995))->northM, 0.001);
            // Across the date line.
            self::assertEqualsWithDelta($east / 1000, $frame->toPlan(new Coordinates($lat, -179.9995))->eastM, 0.001);
            $back = $frame->toGlobe(new PlanPoint($east / 1000, 0.0));
            self::assertEqualsWithDelta(-179.9995, $back->lonDeg, 1e-7);
        }
    }

    public function testBearingsAndWays(): void
    {
        self::assertSame(90.0, self::here()->bearingDeg(self::here(5, 0)));
        self::assertSame(225.0, self::here()->bearingDeg(self::here(-5, -5)));
        self::assertEqualsWithDelta(10.0, self::here(3, 4)->travel(217, 10)->distanceM(self::here(3, 4)), 1e-9);
    }

    /** @return array<string, array{ThingKind, list<array{float, float}>, float, float, string}> */
    public static function impossible(): array
    {
        return [
            'a building of two corners' => [ThingKind::Building, [[0, 0], [1, 1]], 3, 0, 'points'],
            'a bow tie' => [ThingKind::Building, [[0, 0], [4, 4], [4, 0], [0, 4]], 3, 0, 'points'],
            'all corners in one place' => [ThingKind::Grass, [[1, 1], [1, 1], [1, 1]], 0, 0, 'points'],
            'a doorway with a bend' => [ThingKind::Doorway, [[0, 0], [1, 0], [1, 1]], 2, 0, 'points'],
            'two kilometres off' => [ThingKind::Audience, [[0, 2000.5]], 1.5, 0, 'points'],
            'a negative height' => [ThingKind::Wall, [[0, 0], [1, 0]], -1, 0, 'height_m'],
            'no number' => [ThingKind::Wall, [[0, 0], [1, 0]], NAN, 0, 'height_m'],
            'a tree without a crown' => [ThingKind::Tree, [[0, 0]], 5, 0, 'radius_m'],
            'a doorway lower than its sill' => [ThingKind::Window, [[0, 0], [1, 0]], 0.5, 0, 'sill_m'],
        ];
    }

    /** @param list<array{float, float}> $points */
    #[DataProvider('impossible')]
    public function testImpossibleThingsAreRefusedByField(ThingKind $kind, array $points, float $height, float $radius, string $field): void
    {
        try {
            self::thing($kind, $points, $height, $radius);
            self::fail('it was accepted');
        } catch (SiteException $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** Measured from a spot: 20 m to the south-west, 10 m wide, its top 30° above eyes that are 1.5 m up. */
    public function testWhatIsMeasuredFromASpot(): void
    {
        $spot = self::thing(ThingKind::Audience, [[3, 4]], 1.5);
        $wall = Thing::sighted(ThingKind::Wall, 'wall', $spot, 225, 20, 10, null, 30);
        self::assertEqualsWithDelta(1.5 + 20 * tan(deg2rad(30)), $wall->heightM, 1e-9);
        self::assertEqualsWithDelta(20.0, $spot->at()->distanceM($wall->middle), 1e-9);
        self::assertEqualsWithDelta(225.0, $spot->at()->bearingDeg($wall->middle), 1e-9);
        self::assertEqualsWithDelta(10.0, $wall->points[0]->distanceM($wall->points[1]), 1e-9);
        self::assertEqualsWithDelta($spot->at()->distanceM($wall->points[0]), $spot->at()->distanceM($wall->points[1]), 1e-9, 'square to the direction');
        self::assertEqualsWithDelta(30.0, Skyline::over(self::plan($wall), $spot->at(), 1.5)->altitudeDegAt(225), 1e-9);
        self::assertSame(4.0, Thing::sighted(ThingKind::Tree, 'tree', $spot, 0, 9, 8, 12, 0)->radiusM);
    }

    public function testWhatLiesInside(): void
    {
        $hook = self::thing(ThingKind::Building, [[0, 0], [10, 0], [10, 10], [8, 10], [8, 2], [0, 2]], 5);
        self::assertTrue($hook->contains(self::here(9, 8)));
        self::assertFalse($hook->contains(self::here(4, 6)));
        $tree = self::thing(ThingKind::Tree, [[20, 0]], 8, 3);
        self::assertTrue($tree->contains(self::here(22.9, 0)));
        self::assertFalse($tree->contains(self::here(23.1, 0)));
        $plan = self::plan($hook, self::thing(ThingKind::Grass, [[-5, -5], [30, -5], [30, 30], [-5, 30]], 0, 0, 'lawn'));
        self::assertSame('it', $plan->coverOver(self::here(9, 1))?->name);
        self::assertSame('lawn', $plan->groundUnder(self::here(4, 6))?->name);
    }

    public function testNamesAreUnique(): void
    {
        $this->expectExceptionMessage('"it"');
        self::plan(self::thing(ThingKind::Audience, [[0, 0]]), self::thing(ThingKind::Queue, [[1, 0]]));
    }

    public function testAPlanHasAnEnd(): void
    {
        $this->expectException(SiteException::class);
        SitePlan::of(
            array_map(static fn(int $i): Thing => self::thing(ThingKind::Tree, [[$i, 0]], 3, 1, "tree {$i}"), range(0, SitePlan::MOST_THINGS)),
            HorizonProfile::level(),
            0.5,
        );
    }

    public function testHorizonBetweenItsPoints(): void
    {
        $profile = HorizonProfile::of([[350, 4], [10, 8], [20, 6], [20, 6], [100, 2]]);
        self::assertEqualsWithDelta(6.0, $profile->altitudeDegAt(0), 1e-9, 'across north');
        self::assertEqualsWithDelta(5.0, $profile->altitudeDegAt(-5), 1e-9);
        self::assertSame(6.0, $profile->altitudeDegAt(20), 'a point given twice alike is one point');
        self::assertNull($profile->knownAltitudeDegAt(60), 'nothing is known in a gap of 80°');
        self::assertSame(0.0, $profile->altitudeDegAt(60));
        self::assertSame(2.0, $profile->altitudeDegAt(100));
    }

    public function testOnePointIsALevelHorizonAndNoneIsFlat(): void
    {
        self::assertSame(5.0, HorizonProfile::of([[123, 5]])->altitudeDegAt(300));
        self::assertSame(0.0, HorizonProfile::level()->altitudeDegAt(300));
    }

    public function testFiveThousandPointsAndNoMore(): void
    {
        $points = array_map(static fn(int $i): array => [$i * 360 / 5000, 3 + sin($i / 50)], range(0, 4999));
        $profile = HorizonProfile::of($points);
        self::assertEqualsWithDelta($points[2500][1], $profile->altitudeDegAt(180), 1e-9);
        $this->expectExceptionMessage('5000');
        HorizonProfile::of([...$points, [0.01, 1.0]]);
    }

    public function testAnAzimuthBeyondAWholeTurnIsRefused(): void
    {
        self::assertSame(4.0, HorizonProfile::of([[-90, 4], [-60, 2]])->altitudeDegAt(270), 'counted from north westwards');
        $this->expectExceptionMessage('400');
        HorizonProfile::of([[400, 1], [20, 2]]);
    }

    public function testTwoAltitudesAtOneAzimuthAreRefused(): void
    {
        $this->expectExceptionMessage('azimuth_twice {"azimuth":90}');
        HorizonProfile::of([[90, 1], [90, 2]]);
    }
}
