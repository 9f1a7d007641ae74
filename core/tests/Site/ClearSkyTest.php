<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Shadow\ShadowOnGround;
use KeenShadow\Core\Site\Skyline\ClearSky;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Site\Skyline\SpotMap;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Tests\ReferenceTable;
use PHPUnit\Framework\Attributes\DataProvider;

/** Source where no other is named: plane trigonometry by hand. */
final class ClearSkyTest extends SiteTestCase
{
    /** Source: ERFA's epv00 and atco13 (reference/make_reference.py). UT1 taken as UTC is up to 0.004°; the two models of refraction part near the horizon, where neither is sure. */
    public function testTheSunStandsWhereErfaPutsIt(): void
    {
        foreach (ReferenceTable::read(__DIR__ . '/reference/sun.csv') as $row) {
            $sun = self::track($row['date'], '06:00', '19:00')->atTime(new \DateTimeImmutable($row['utc']));
            self::assertEqualsWithDelta((float) $row['azimuth_deg'], $sun->azimuthDeg, 0.008, $row['utc']);
            self::assertEqualsWithDelta((float) $row['apparent_altitude_deg'], $sun->altitudeDeg, $sun->altitudeDeg > 10 ? 0.008 : 0.02, $row['utc']);
        }
    }

    public function testAltitudeOfAWallAndOfATree(): void
    {
        $wall = self::thing(ThingKind::Wall, [[-10, -20], [10, -20]], 10);
        $skyline = Skyline::over(self::plan($wall), self::here(), 1.5);
        self::assertEqualsWithDelta(rad2deg(atan(8.5 / 20)), $skyline->altitudeDegAt(180), 1e-9);
        self::assertEqualsWithDelta(rad2deg(atan(8.5 / hypot(10, 20))), $skyline->altitudeDegAt(180 + rad2deg(atan(0.5)) - 1e-6), 1e-5);
        self::assertSame(0.0, $skyline->altitudeDegAt(180 + rad2deg(atan(0.5)) + 1e-6));
        self::assertSame('it', $skyline->boundAt(170));
        self::assertNull($skyline->boundAt(0));

        $tree = Skyline::over(self::plan(self::thing(ThingKind::Tree, [[20, 0]], 9, 3)), self::here(), 1.5);
        self::assertEqualsWithDelta(rad2deg(atan(7.5 / 17)), $tree->altitudeDegAt(90), 0.3, 'never less than the crown');
        self::assertGreaterThanOrEqual(rad2deg(atan(7.5 / 17)) - 0.2, $tree->altitudeDegAt(90));
        self::assertGreaterThan(0.0, $tree->altitudeDegAt(90 + rad2deg(asin(3 / 20)) - 0.01));
        self::assertSame(0.0, $tree->altitudeDegAt(90 + rad2deg(asin(3 / 20)) + 0.2));
    }

    public function testAWallAcrossNorth(): void
    {
        $skyline = Skyline::over(self::plan(self::thing(ThingKind::Wall, [[10, 20], [-10, 20]], 10)), self::here(), 0);
        foreach ([340, 359.9, 0, 360, 20] as $azimuth) {
            self::assertEqualsWithDelta(rad2deg(atan(10 * cos(deg2rad($azimuth)) / 20)), $skyline->altitudeDegAt($azimuth), 1e-9, "at {$azimuth}°");
        }
        self::assertSame(0.0, $skyline->altitudeDegAt(30));
    }

    public function testUnderARoofAndBesideAThingOfNoHeight(): void
    {
        $hall = self::thing(ThingKind::Building, [[-5, -5], [5, -5], [5, 5], [-5, 5]], 4, name: 'hall');
        $inside = Skyline::over(self::plan($hall), self::here(), 1.5);
        self::assertSame('hall', $inside->cover);
        self::assertSame(DiscVisibility::Hidden, $inside->visibilityOf(self::sun(180, 60)));
        self::assertSame(DiscVisibility::Clear, Skyline::over(self::plan($hall), self::here(), 4)->visibilityOf(self::sun(180, 10)), 'on its flat roof');

        $kerb = self::thing(ThingKind::Wall, [[-5, -5], [5, -5]], 0);
        self::assertSame(DiscVisibility::Clear, Skyline::from(self::here(), 0, [$kerb], HorizonProfile::level(), 1.0)->visibilityOf(self::sun(180, 3)));
    }

    public function testPartOfTheDisc(): void
    {
        $skyline = Skyline::from(self::here(), 1.5, [], HorizonProfile::of([[0, 10]]));
        self::assertSame(DiscVisibility::Clear, $skyline->visibilityOf(self::sun(100, 10.263)));
        self::assertSame(DiscVisibility::Partly, $skyline->visibilityOf(self::sun(100, 10.262)));
        self::assertSame(DiscVisibility::Partly, $skyline->visibilityOf(self::sun(100, 9.738)));
        self::assertSame(DiscVisibility::Hidden, $skyline->visibilityOf(self::sun(100, 9.737)));
        // An upright edge: the wall ends due south; the Sun's western limb touches it.
        $edge = Skyline::over(self::plan(self::thing(ThingKind::Wall, [[0, -20], [20, -20]], 40)), self::here(), 0);
        $half = 0.2625 / cos(deg2rad(30));
        self::assertSame(DiscVisibility::Partly, $edge->visibilityOf(self::sun(180 + $half - 0.001, 30)));
        self::assertSame(DiscVisibility::Clear, $edge->visibilityOf(self::sun(180 + $half + 0.001, 30)));
        self::assertSame(DiscVisibility::Hidden, $edge->visibilityOf(self::sun(180 - $half - 0.001, 30)));
    }

    /** The evening of 12 August 2026: a wall square to azimuth 278° hides the Sun once its limbs pass atan(h·cos δ/d). */
    public function testHiddenFromAndTo(): void
    {
        $track = self::track('2026-08-12', '17:30', '18:50');
        $bearing = 278.0;
        $wall = Thing::of(ThingKind::Wall, 'gym', [self::here()->travel($bearing, 30)->travel($bearing - 90, 40), self::here()->travel($bearing, 30)->travel($bearing + 90, 40)], 9.0);
        $clear = ClearSky::from(Skyline::over(self::plan($wall), self::here(), 1.5), $track);
        self::assertCount(1, $clear->obstructions);
        $obstruction = $clear->obstructions[0];
        self::assertSame(['gym'], $obstruction->by);
        self::assertTrue($obstruction->isCutAtEnd);
        $wallAltitude = static fn(float $azimuth): float => rad2deg(atan(7.5 * cos(deg2rad($azimuth - $bearing)) / 30));
        self::assertEqualsWithDelta($wallAltitude($obstruction->from->azimuthDeg), $obstruction->from->altitudeDeg - $obstruction->from->semidiameterDeg, 0.003);
        $hidden = $obstruction->hiddenFrom;
        self::assertNotNull($hidden);
        self::assertEqualsWithDelta($wallAltitude($hidden->azimuthDeg), $hidden->altitudeDeg + $hidden->semidiameterDeg, 0.003);
        self::assertEqualsWithDelta(
            ($obstruction->from->julianDateUt - $track->beginUt) * 86400,
            $clear->clearSeconds($track->beginUt, $track->endUt),
            0.01,
        );
    }

    /** Half a metre of uncertainty: the wall may be that much higher and nearer, and hide the Sun that much earlier. */
    public function testUncertaintyOfTheMeasuring(): void
    {
        $eclipse = self::eclipse('2026-08-12');
        $circumstances = $eclipse->circumstances(Observer::at(36.5297, -6.2926, 10));
        $track = self::track('2026-08-12', '17:30', '18:50');
        $wall = Thing::of(ThingKind::Wall, 'gym', [self::here(-30, -60), self::here(-30, 60)], 9.0);
        $outlook = SpotOutlook::from(self::here(), 1.5, SitePlan::of([$wall], HorizonProfile::level(), 0.5), $track, $circumstances);
        $obstruction = $outlook->obstructions[0];
        $earlier = $track->at($obstruction->obstruction->from->julianDateUt - $obstruction->earlierSeconds / 86400);
        self::assertEqualsWithDelta(
            rad2deg(atan((7.5 + 0.5) / (30 - 0.5) * cos(deg2rad($earlier->azimuthDeg - 270)))),
            $earlier->altitudeDeg - $earlier->semidiameterDeg,
            0.003,
        );
        self::assertGreaterThan(120.0, $obstruction->earlierSeconds);
        self::assertSame(Level::No, $outlook->verdict()->level);
        self::assertSame([ContactName::Maximum], array_map(static fn($c) => $c->name, $outlook->lost()));
    }

    public function testWhatOnlyHangsOnTheMeasuringIsHeld(): void
    {
        $eclipse = self::eclipse('2027-08-02');
        $circumstances = $eclipse->circumstances(Observer::at(36.5297, -6.2926, 10));
        $c1 = $circumstances->contact(ContactName::C1)?->view;
        self::assertNotNull($c1);
        $track = self::track('2027-08-02', '07:00', '10:30');
        $below = tan(deg2rad($track->at($c1->julianDateUt())->altitudeDeg - 0.6)) * 20;
        $wall = Thing::of(ThingKind::Wall, 'hedge', [self::here(20, -2000), self::here(20, 2000)], 1.5 + $below / cos(deg2rad($c1->azimuthDeg() - 90)));
        $outlook = SpotOutlook::from(self::here(), 1.5, SitePlan::of([$wall], HorizonProfile::level(), 0.5), $track, $circumstances);
        self::assertSame(Level::Hold, $outlook->verdict()->level);
        self::assertTrue($outlook->contacts[0]->isUncertain);
        self::assertGreaterThan(60.0, $outlook->obstructions[0]->laterSeconds, 'it hides the Sun before, and perhaps for longer');
        self::assertSame([], $outlook->lost());
        $sure = SpotOutlook::from(self::here(-500, 0), 1.5, SitePlan::of([$wall], HorizonProfile::level(), 0.5), $track, $circumstances);
        self::assertSame(Level::Yes, $sure->verdict()->level);
        self::assertEqualsWithDelta($sure->wholeSeconds, $sure->clearSeconds, 1e-6);
        $empty = SpotOutlook::from(self::here(), 1.5, self::plan(), $track, $circumstances);
        self::assertSame(Level::Hold, $empty->verdict()->level, 'a plan without anything proves nothing');
    }

    /** @return array<string, array{list<mixed>, Level, string, Level, string}> what stands there, to watch from there, to be in the shade there */
    public static function spots(): array
    {
        $free = 'Nothing on the plan comes in front of the Sun while the eclipse lasts.';
        $lit = 'The Sun reaches it all the time.';
        $some = 'The Sun reaches it for a part of the eclipse.';

        // The Sun goes from 24° up at azimuth 84° to 52° up at 116°, its maximum at 95°.
        return [
            'a wall behind' => [[ThingKind::Wall, [[-5, -50], [-5, 50]], 30.0], Level::Yes, $free, Level::No, $lit],
            'inside a hall' => [[ThingKind::Building, [[-9, -9], [9, -9], [9, 9], [-9, 9]], 4.0], Level::No, 'The spot lies under or inside :name.', Level::Yes, 'The whole disc is never clear from here while the eclipse lasts.'],
            'a mast between the contacts' => [[ThingKind::Wall, [[10, 0.1], [10, 0.2]], 30.0], Level::Hold, 'No contact is lost, but for a while the Sun is hidden.', Level::Hold, $some],
            'a low wall in the morning' => [[ThingKind::Wall, [[5, -50], [5, 50]], 4.5], Level::Hold, ':contacts lost behind :name.', Level::Hold, $some],
            'a wall over the maximum' => [[ThingKind::Wall, [[5, -50], [5, 50]], 6.0], Level::No, ':contacts lost behind :name.', Level::Hold, $some],
            'close under a high wall' => [[ThingKind::Wall, [[1, -50], [1, 50]], 30.0], Level::No, ':contacts lost behind :name.', Level::Yes, 'The whole disc is never clear from here while the eclipse lasts.'],
        ];
    }

    /** @param array{ThingKind, list<array{float, float}>, float} $stands */
    #[DataProvider('spots')]
    public function testHowASpotIsForWatchingAndForShade(array $stands, Level $watching, string $watched, Level $shade, string $shaded): void
    {
        $circumstances = self::eclipse('2027-08-02')->circumstances(Observer::at(36.5297, -6.2926, 10));
        $outlook = SpotOutlook::from(self::here(), 1.5, self::plan(self::thing(...$stands)), self::track('2027-08-02', '07:30', '10:10'), $circumstances);
        foreach ([[$watching, $watched, $outlook->verdict()], [$shade, $shaded, $outlook->shadeVerdict()]] as [$level, $text, $verdict]) {
            self::assertSame($level, $verdict->level);
            self::assertSame($text, $verdict->findings[0]->reason);
        }
    }

    public function testShadowOfAPole(): void
    {
        self::assertEqualsWithDelta(2.0, ShadowOnGround::lengthM(2, self::sun(140, 45)), 1e-9);
        self::assertEqualsWithDelta(2 * sqrt(3), ShadowOnGround::lengthM(2, self::sun(140, 30)), 1e-9);
        self::assertSame(320.0, self::sun(140, 30)->shadowBearingDeg());
        self::assertSame(0.0, ShadowOnGround::lengthM(-0.5, self::sun(140, 30)));
        self::assertSame(ShadowOnGround::LONGEST_M, ShadowOnGround::lengthM(2, self::sun(140, -1)));
        $shadow = ShadowOnGround::of(self::thing(ThingKind::Wall, [[0, 0], [4, 0]], 3), self::sun(180, 45));
        self::assertEqualsWithDelta(3.0, $shadow[0][2]->northM, 1e-9);
        self::assertEqualsWithDelta(4.0, $shadow[0][2]->eastM, 1e-9);
    }

    /** Two ways to the same answer: the shade laid over the grid, and the look from each cell. */
    public function testTheMapOfSpotsAgreesWithTheLookFromEach(): void
    {
        mt_srand(27);
        $things = [];
        for ($i = 0; $i < 12; ++$i) {
            [$x, $y, $w, $h] = [mt_rand(-40, 30), mt_rand(-40, 30), mt_rand(2, 14), mt_rand(2, 14)];
            $things[] = $i % 3 === 0
                ? self::thing(ThingKind::Tree, [[$x, $y]], mt_rand(4, 12), mt_rand(1, 4), "tree {$i}")
                : self::thing(ThingKind::Building, [[$x, $y], [$x + $w, $y + 1], [$x + $w, $y + $h], [$x, $y + $h]], mt_rand(3, 12), 0, "house {$i}");
        }
        $plan = self::plan(...$things);
        $track = self::track('2027-08-02', '07:40', '10:10');
        $circumstances = self::eclipse('2027-08-02')->circumstances(Observer::at(36.5297, -6.2926, 10));
        $maximum = $circumstances->maximum->julianDateUt();
        [$c1, $c4] = [$circumstances->contact(ContactName::C1)?->view->julianDateUt() ?? 0.0, $circumstances->contact(ContactName::C4)?->view->julianDateUt() ?? 0.0];
        $map = SpotMap::over($plan, new PlanPoint(-50.13, -49.87), new PlanPoint(49.87, 40.13), 25, 1.5, $track, $maximum);
        self::assertCount(23, $map->rows);
        $seen = ['lost' => 0, 'kept' => 0, 'covered' => 0];
        foreach ($map->rows as $line => $row) {
            foreach ($row as $column => $spot) {
                $at = new PlanPoint(-50.13 + ($column + 0.5) * 4, -49.87 + ($line + 0.5) * 4);
                self::assertSame($plan->coverOver($at) === null, $spot !== null);
                if ($spot === null) {
                    ++$seen['covered'];
                    continue;
                }
                $skyline = Skyline::over($plan, $at, 1.5);
                // Only the middle of the lower limb casts the shade in the map.
                $sun = $track->at($maximum);
                self::assertSame($sun->altitudeDeg - $sun->semidiameterDeg > $skyline->altitudeDegAt($sun->azimuthDeg), $spot->keepsMaximum, "{$at->eastM} {$at->northM}");
                ++$seen[$spot->keepsMaximum ? 'kept' : 'lost'];
                $minutes = ClearSky::from($skyline, $track)->clearSeconds($c1, $c4) / 60;
                self::assertEqualsWithDelta($minutes, $spot->clearMinutes, 9.0, "{$at->eastM} {$at->northM}");
            }
        }
        self::assertGreaterThan(20, min($seen), 'the plan has spots of every sort');
        $best = $map->best(3, 10, self::here());
        self::assertTrue($best[0]->keepsMaximum);
        self::assertGreaterThanOrEqual(10.0, $best[0]->at->distanceM($best[1]->at));
        self::assertGreaterThanOrEqual($best[1]->weight - 0.01, $best[0]->weight);
    }
}
