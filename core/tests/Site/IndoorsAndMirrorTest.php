<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Doorway\Banner;
use KeenShadow\Core\Site\Doorway\BannerState;
use KeenShadow\Core\Site\Doorway\CutHole;
use KeenShadow\Core\Site\Doorway\DoorwayOutlook;
use KeenShadow\Core\Site\Mirror\Beam;
use KeenShadow\Core\Site\Mirror\FlatMirror;
use KeenShadow\Core\Site\Mirror\MirrorOutlook;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Shadow\LongTube;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunPosition;
use PHPUnit\Framework\Attributes\DataProvider;

/** Source: plane trigonometry and the law of reflection by hand. */
final class IndoorsAndMirrorTest extends SiteTestCase
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
            'children only' => ['door', $children, 35, Level::Yes, ['For all heights of eyes a hole lies on the banner at the maximum, and nothing stands before the Sun.']],
            'adults stand too high' => ['door', $children + ['Adults' => 1.65], 35, Level::Hold, ['At the maximum the hole would lie above the opening (:who). Adults']],
            'a low Sun behind the yard wall' => ['door', $children, 8, Level::Hold, ['At the maximum :by is before the Sun (:who). Children, Seated, yard wall']],
            'two reasons' => ['door', ['Children' => 1.10, 'Adults' => 2.04], 8, Level::Hold, ['At the maximum :by is before the Sun (:who). Children, yard wall', 'At the maximum the hole would lie above the opening (:who). Adults']],
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

    /** @return array<string, array{list<array{0: ThingKind, 1: list<array{float, float}>, 2: float, 3: float, 4: string, 5?: float}>, array{float, float, float}, array{float, float, float}, SunPosition, Level, string}> what stands there, mirror and screen in metres east, north, up, the Sun, the finding that decides */
    public static function mirrors(): array
    {
        $school = [ThingKind::Building, [[0, -10], [10, -10], [10, 10], [0, 10]], 8.0, 0.0, 'school'];
        [$mirror, $screen] = [[-25, 0, 2.1], [-0.2, 0, 3.0]];
        $sun = self::sun(95, 37);

        return [
            'over the heads to a shaded wall' => [[$school], $mirror, $screen, $sun, Level::Yes, 'Nothing on the plan is in the beam\'s way, and it passes no window and no eye.'],
            'a low mirror' => [[$school], [-25, 0, 1.0], $screen, $sun, Level::Hold, 'For :metres m the beam runs at the height of eyes. 12.4'],
            'a window beside the screen' => [[$school, [ThingKind::Window, [[0, -1.6], [0, -0.6]], 4.0, 0.0, 'class 5B', 2.5]], $mirror, $screen, $sun, Level::Hold, 'The beam goes by :names. class 5B'],
            'a fence between' => [[$school, [ThingKind::Wall, [[-10, -9], [-10, 9]], 4.0, 0.0, 'fence']], $mirror, $screen, $sun, Level::No, ':name stands in the beam\'s way. fence'],
            'a tower before the Sun' => [[$school, [ThingKind::Wall, [[30, -50], [30, 50]], 60.0, 0.0, 'tower']], $mirror, $screen, $sun, Level::No, 'At this time :name stands between the Sun and the mirror. tower'],
            'a Sun that has set' => [[$school], $mirror, $screen, self::sun(290, -1), Level::No, 'At this time :name stands between the Sun and the mirror. the horizon'],
            'behind the wall, in its yard' => [[[ThingKind::Wall, [[0, -10], [0, 10]], 2.9, 0.0, 'wall']], [25, 0, 2.1], $screen, $sun, Level::No, 'The mirror lies behind the wall that carries the screen.'],
            'the Sun in the mirror\'s back' => [[$school], $mirror, $screen, self::sun(270, 5), Level::Hold, 'The light only grazes the glass: the mirror must be long and true.'],
            'a screen in the sun' => [[$school], [-25, 0, 2.1], [-45, 0, 3.0], $sun, Level::Hold, 'The Sun itself reaches the screen for a part of the eclipse and washes the image out.'],
        ];
    }

    /**
     * @param list<array{0: ThingKind, 1: list<array{float, float}>, 2: float, 3: float, 4: string, 5?: float}> $stands
     * @param array{float, float, float} $mirror
     * @param array{float, float, float} $screen
     */
    #[DataProvider('mirrors')]
    public function testWhatSpeaksAgainstAMirror(array $stands, array $mirror, array $screen, SunPosition $sun, Level $level, string $reason): void
    {
        $plan = self::plan(...array_map(static fn(array $s) => self::thing(...$s), $stands));
        $track = self::track('2027-08-02', '07:30', '10:10');
        [$atMirror, $atScreen] = [self::thing(ThingKind::Mirror, [[$mirror[0], $mirror[1]]], $mirror[2], name: 'mirror'), self::thing(ThingKind::Screen, [[$screen[0], $screen[1]]], $screen[2], name: 'screen')];
        $outlook = MirrorOutlook::of($atMirror, $atScreen, $plan, $track);
        self::assertNotNull($outlook);
        $circumstances = self::eclipse('2027-08-02')->circumstances(Observer::at(36.5297, -6.2926, 10));
        $verdict = $outlook->verdict($sun, SpotOutlook::from($atScreen->at(), $atScreen->heightM, $plan, $track, $circumstances));
        self::assertSame($level, $verdict->level);
        self::assertSame($reason, self::reasons($verdict)[0]);
        self::assertNull(MirrorOutlook::of($atMirror, $atMirror, $plan, $track));
    }

    public function testAMirrorsNormalHalvesTheAngle(): void
    {
        $track = self::track('2028-01-26', '14:30', '17:00');
        $mirror = self::thing(ThingKind::Mirror, [[0, 0]], 1.0);
        $north = self::thing(ThingKind::Screen, [[0, 20]], 1.0, name: 'screen');
        $high = FlatMirror::aimed(self::sun(180, 30), $track, $mirror, $north, 180);
        self::assertEqualsWithDelta(75.0, $high->tiltDeg(), 1e-9);
        self::assertEqualsWithDelta(0.0, sin(deg2rad($high->bearingDeg())), 1e-9);
        self::assertEqualsWithDelta(75.0, $high->incidenceDeg(), 1e-9);
        $low = FlatMirror::aimed(self::sun(90, 0), $track, $mirror, $north, 180);
        self::assertEqualsWithDelta(45.0, $low->bearingDeg(), 1e-9);
        self::assertEqualsWithDelta(0.0, $low->tiltDeg(), 1e-9);
        self::assertEqualsWithDelta(20 * 2 * tan(deg2rad(0.2625)), $low->imageM(), 1e-9);
        self::assertTrue(FlatMirror::aimed(self::sun(180, 5), $track, $mirror, $north, 180)->isGrazing());
    }

    /** Reflection turns no angle: on a screen square to the beam the spot walks L·tan of the Sun's own way, about 15°/h. */
    public function testTheSpotWalksAsFarAsTheSun(): void
    {
        $track = self::track('2028-01-26', '14:30', '17:00');
        $sun = $track->at($track->beginUt + 0.03);
        $mirror = FlatMirror::aimed($sun, $track, self::thing(ThingKind::Mirror, [[0, 0]], 1.0), self::thing(ThingKind::Screen, [[15, 20]], 1.0, name: 'screen'), 216.8699);
        $start = $mirror->walk(0.0);
        self::assertNotNull($start);
        self::assertEqualsWithDelta(0.0, hypot($start['rightM'], $start['upM']), 1e-9);
        $walk = $mirror->walk(60.0);
        self::assertNotNull($walk);
        $turned = acos($sun->direction()->dot($track->at($sun->julianDateUt + 60 / 86400)->direction()));
        self::assertEqualsWithDelta(25 * tan($turned), hypot($walk['rightM'], $walk['upM']), 1e-4);
        self::assertEqualsWithDelta(15.0, rad2deg($turned) * 60, 1.0);
        // The Sun goes west and down: the spot of a level mirror's beam goes the mirrored way, and down as well.
        self::assertLessThan(0.0, $walk['upM']);
        $seconds = $mirror->secondsToWalk(0.3);
        self::assertNotNull($seconds);
        self::assertEqualsWithDelta(0.3 / hypot($walk['rightM'], $walk['upM']) * 60, $seconds, 8);
    }

    public function testTheBeamsWay(): void
    {
        $wall = self::thing(ThingKind::Wall, [[-5, 10], [5, 10]], 3.0, name: 'fence');
        $house = self::thing(ThingKind::Building, [[-5, 20], [5, 20], [5, 26], [-5, 26]], 6.0, name: 'house');
        $window = self::thing(ThingKind::Window, [[-1, 20], [1, 20]], 2.2, name: 'window', sillM: 1.0);
        $queue = self::thing(ThingKind::Queue, [[0.4, 5]], 1.5, name: 'queue');
        $low = new Beam(self::here(), 1.0, self::here(0, 20), 1.6);
        self::assertSame('fence', $low->blockedBy(self::plan($wall, $house))?->name);
        self::assertNull($low->blockedBy(self::plan($house)), 'the wall that carries the screen is no obstacle');
        self::assertSame(['window', 'queue'], array_map(static fn($t) => $t->name, $low->passes(self::plan($house, $window, $queue))));
        self::assertEqualsWithDelta($low->lengthM(), $low->atEyesM(), 1e-9);
        $rising = new Beam(self::here(), 0.0, self::here(0, 20), 8.0);
        self::assertNull($rising->blockedBy(self::plan($wall, $house)), '4 m up where the fence stands');
        self::assertEqualsWithDelta($rising->lengthM() * (2.0 - 0.8) / 8, $rising->atEyesM(), 1e-9);
        self::assertSame([], $rising->passes(self::plan($house, $window)));
    }

    public function testATubeOnItsProp(): void
    {
        $tube = LongTube::of(0.9, 1.2);
        self::assertEqualsWithDelta(1.65, $tube->heightM(self::sun(180, 30), 0.9), 1e-9);
        self::assertEqualsWithDelta(0.9 * sqrt(3) / 2, $tube->footM(self::sun(180, 30), 0.9), 1e-9);
        $this->expectException(SiteException::class);
        LongTube::of(0, 1);
    }

    /** @return list<string> each with what it names */
    private static function reasons(Verdict $verdict): array
    {
        return array_map(static fn(Finding $f): string => trim($f->reason . ' ' . implode(', ', array_map(
            static fn(string|float|array|null $value): string => match (true) {
                $value === null => 'the horizon',
                is_float($value) => sprintf('%.1f', $value),
                default => implode(', ', (array) $value),
            },
            $f->values,
        ))), $verdict->findings);
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
