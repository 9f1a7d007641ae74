<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Site\Doorway\Banner;
use KeenShadow\Core\Site\Doorway\BannerState;
use KeenShadow\Core\Site\Doorway\CutHole;
use KeenShadow\Core\Site\Doorway\DoorwayOutlook;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** A banner across a doorway: whose eyes see the Sun through it, and when. */
final class DoorwayTest extends SiteTestCase
{
    public function testADoorwayLooksAwayFromItsHouse(): void
    {
        $plan = $this->school();
        foreach ([[[2, 0], [4, 0]], [[4, 0], [2, 0]]] as [$a, $b]) {
            $door = Facade::of('door', self::here(...$a), self::here(...$b), 0, 2.1, $plan);
            self::assertEqualsWithDelta(180.0, $door->bearingDeg, 1e-9);
            self::assertSame(4.0, $door->left->eastM, 'looking south the left hand is in the east');
        }
        self::assertEqualsWithDelta(90.0, Facade::of('free', self::here(0, 2), self::here(0, 0), 0, 2, self::plan())->bearingDeg - 180, 1e-9);
        self::assertSame(['door', 'school 1', 'school 2', 'school 3', 'school 4'], array_map(static fn(Facade $f): string => $f->name, Facade::allOf($this->school(true))));
        self::assertEqualsWithDelta(-30.0, Facade::allOf($this->school(true))[0]->sunToTheRightDeg(self::sun(150, 20)), 1e-9);
    }

    public function testAWallIsFoundFromAPointThatLiesAtIt(): void
    {
        $plan = self::plan(
            self::thing(ThingKind::Building, [[0, 0], [10, 0], [10, 8], [0, 8]], 6, name: 'school'),
            self::thing(ThingKind::Wall, [[20, 0], [20, 8]], 2, name: 'fence'),
            self::thing(ThingKind::Tree, [[5, -20]], 6, 3, 'tree'),
        );
        $wall = Facade::at(self::here(5, -0.2), $plan);
        self::assertSame(['school', 180.0, 6.0], [$wall?->name, $wall?->bearingDeg, $wall?->headM]);
        self::assertSame(-0.4, round($wall?->before(self::here(5, 0))->northM ?? 0.0, 9));
        self::assertEqualsWithDelta(60.0, $wall?->incidenceDeg(self::sun(180, 60)), 1e-9, 'square to the wall but for its altitude');
        self::assertEqualsWithDelta(45.0, $wall?->incidenceDeg(self::sun(225, 0)), 1e-9);
        self::assertSame(['fence', 90.0], [Facade::at(self::here(20.2, 4), $plan)?->name, Facade::at(self::here(20.2, 4), $plan)?->bearingDeg]);
        self::assertSame(270.0, Facade::at(self::here(19.8, 4), $plan)?->bearingDeg, 'the other side of a free wall');
        self::assertNull(Facade::at(self::here(5, -17.1), $plan), 'a tree has no wall');
        self::assertNull(Facade::at(self::here(5, -0.5), $plan));
    }

    public function testHoleForAChild(): void
    {
        $banner = Banner::across(Facade::allOf($this->school(true))[0], 1.0, $this->school());
        self::assertEqualsWithDelta(1.10 + tan(deg2rad(35)), $banner->holeHeightM(1.10, self::sun(180, 35)), 1e-9, '1.80 m');
        self::assertEqualsWithDelta(1.9085, $banner->holeHeightM(1.10, self::sun(210, 35)), 0.0001, '30° aside');
        self::assertEqualsWithDelta(0.5774, $banner->holeToTheRightM(self::sun(210, 35)), 0.0001);
        self::assertNull($banner->holeHeightM(1.10, self::sun(350, 35)));
    }

    /** @return array<string, array{float, float, float, BannerState}> eye, azimuth, altitude */
    public static function looks(): array
    {
        return [
            'a child, straight out' => [1.10, 180, 35, BannerState::Works],
            'an adult: under the lintel' => [1.65, 180, 35, BannerState::AboveLintel],
            'from behind the house' => [1.10, 10, 35, BannerState::NotFacing],
            'far aside' => [1.10, 246, 10, BannerState::PastJamb],
            'at sunset' => [1.10, 180, -0.1, BannerState::SunDown],
            'the wall across the yard' => [1.10, 180, 8, BannerState::Blocked],
        ];
    }

    #[DataProvider('looks')]
    public function testWhatStopsTheLook(float $eye, float $azimuth, float $altitude, BannerState $state): void
    {
        $plan = $this->school(true);
        self::assertSame($state, Banner::across(Facade::allOf($plan)[0], 1.0, $plan)->stateFor($eye, self::sun($azimuth, $altitude)));
    }

    /** The afternoon of 26 January 2028: the window ends when the hole would lie beyond the jamb. */
    public function testFromWhenToWhen(): void
    {
        $plan = $this->school(true);
        $banner = Banner::across(Facade::allOf($plan)[0], 1.5, $plan);
        $intervals = $banner->intervalsFor(1.10, self::track('2028-01-26', '15:00', '16:30'));
        self::assertSame([BannerState::Works, BannerState::PastJamb], array_map(static fn($r) => $r->state, $intervals));
        $change = $intervals[0]->to;
        self::assertEqualsWithDelta(2.0 - 2 * Banner::RIM_M - Banner::HOLE_WIDTH_M, 1.5 * tan(deg2rad($change->azimuthDeg - 180)), 0.001);
    }

    /** From its mark on the floor the eye's rays pass through the hole, with the room that a hole has, from the first moment to the last. */
    public function testAHoleServesWhileTheSunMovesOn(): void
    {
        $plan = $this->school(true);
        $banner = Banner::across(Facade::allOf($plan)[0], 0.8, $plan);
        $track = self::track('2028-01-26', '14:00', '15:30');
        [$now, $later] = [$track->atTime(new \DateTimeImmutable('2028-01-26T14:20Z')), $track->atTime(new \DateTimeImmutable('2028-01-26T14:30Z'))];
        $eyes = ['Children' => 1.10, 'Seated' => 1.25];
        $holes = CutHole::allOf($banner, $eyes, $now, $later);
        self::assertSame(['Children', 'Seated', 'Children', 'Seated'], array_map(static fn(CutHole $h): string => $h->who, $holes));
        foreach ($holes as $hole) {
            foreach ([$now, $later] as $sun) {
                self::assertEqualsWithDelta($hole->fromLeftM, $hole->standM + (float) $banner->holeToTheRightM($sun), ($hole->widthM - Banner::HOLE_WIDTH_M) / 2 + 1e-9);
                self::assertEqualsWithDelta($hole->heightM, (float) $banner->holeHeightM($eyes[$hole->who], $sun), ($hole->lengthM - Banner::HOLE_HEIGHT_M) / 2 + 1e-9);
            }
            self::assertGreaterThanOrEqual(Banner::RIM_M - 1e-9, $hole->fromLeftM - $hole->widthM / 2);
            self::assertLessThanOrEqual($banner->facade->widthM - Banner::RIM_M + 1e-9, $hole->fromLeftM + $hole->widthM / 2);
            self::assertLessThanOrEqual($banner->facade->headM - Banner::RIM_M, $hole->heightM + $hole->lengthM / 2);
        }
        self::assertGreaterThan($holes[0]->fromLeftM + $holes[0]->widthM + Banner::RIM_M - 1e-9, $holes[1]->fromLeftM, 'sheet is left between two');
        self::assertSame([], CutHole::allOf($banner, ['Giant' => 2.0], $now, $later));
        self::assertSame([], CutHole::allOf($banner, $eyes, self::sun(10, 30), $later), 'the Sun on the other side');
    }

    /** @return array<string, array{string, array<string, float>, float, Level, list<string>}> opening, eyes, altitude of the Sun in the south at the maximum */
    public static function banners(): array
    {
        $children = ['Children' => 1.10, 'Seated' => 1.20];

        return [
            'children only' => ['door', $children, 35, Level::Yes, ['For all heights of eyes a hole lies on the banner at the maximum, and nothing stands in front of the Sun.']],
            'adults stand too high' => ['door', $children + ['Adults' => 1.65], 35, Level::Hold, ['At the maximum the hole would lie above the opening (:who). Adults']],
            'a low Sun behind the yard wall' => ['door', $children, 8, Level::Hold, ['At the maximum :by is in front of the Sun (:who). Children, Seated, yard wall']],
            'two reasons' => ['door', ['Children' => 1.10, 'Adults' => 2.04], 8, Level::Hold, ['At the maximum :by is in front of the Sun (:who). Children, yard wall', 'At the maximum the hole would lie above the opening (:who). Adults']],
            'the north wall' => ['school 3', $children, 35, Level::No, ['At the maximum it faces away from the Sun (:who). Children, Seated']],
        ];
    }

    /**
     * @param array<string, float> $eyes
     * @param list<string> $reasons
     */
    #[DataProvider('banners')]
    public function testWhoSeesTheMaximumThroughABanner(string $opening, array $eyes, float $altitude, Level $level, array $reasons): void
    {
        $plan = $this->school(true);
        $facade = array_column(Facade::allOf($plan), null, 'name')[$opening];
        $outlook = DoorwayOutlook::of(Banner::across($facade, 1.0, $plan), $eyes, self::track('2028-01-26', '15:00', '16:30'), self::sun(180, $altitude));
        $verdict = $outlook->verdict();
        self::assertSame($level, $verdict->level);
        self::assertSame($level === Level::No, $outlook->facesAway());
        self::assertSame($reasons, self::reasons($verdict));
    }

    private function school(bool $withDoor = false): SitePlan
    {
        $things = [
            self::thing(ThingKind::Building, [[0, 0], [10, 0], [10, 8], [0, 8]], 6, name: 'school'),
            self::thing(ThingKind::Wall, [[-200, -20], [200, -20]], 5, name: 'yard wall'),
        ];
        if ($withDoor) {
            $things[] = self::thing(ThingKind::Doorway, [[2, 0], [4, 0]], 2.1, name: 'door');
        }

        return self::plan(...$things);
    }
}
