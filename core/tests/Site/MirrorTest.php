<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Site\Mirror\Beam;
use KeenShadow\Core\Site\Mirror\FlatMirror;
use KeenShadow\Core\Site\Mirror\MirrorOutlook;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Shadow\LongTube;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunPosition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** A flat mirror, its beam and its spot; a tube on its prop. */
final class MirrorTest extends SiteTestCase
{
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
            'a queue in its way' => [[$school, [ThingKind::Queue, [[-5, 0.3]], 1.6, 0.0, 'queue']], [-25, 0, 1.0], [-0.2, 0, 2.0], $sun, Level::Hold, 'The beam goes by :names. queue'],
            'a fence between' => [[$school, [ThingKind::Wall, [[-10, -9], [-10, 9]], 4.0, 0.0, 'fence']], $mirror, $screen, $sun, Level::No, ':name stands in the beam\'s way. fence'],
            'a tower in front of the Sun' => [[$school, [ThingKind::Wall, [[30, -50], [30, 50]], 60.0, 0.0, 'tower']], $mirror, $screen, $sun, Level::No, 'At this time :name stands between the Sun and the mirror. tower'],
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

    /**
     * What the beam meets is measured; whether people may look is for the book. Nobody knows yet who stands at the mirror.
     *
     * @param list<array{ThingKind, list<array{float, float}>, float, float, string, 5?: float}> $stands
     */
    #[TestWith([[], 2.1, false, Permission::If, 'mirror-never-alone'])]
    #[TestWith([[], 1.0, null, Permission::If, 'mirror-beam'])]
    #[TestWith([[[ThingKind::Window, [[-5, -1.0], [-5, 1.0]], 4.0, 0.0, 'class 5B', 2.0]], 2.1, null, Permission::If, 'mirror-beam'])]
    #[TestWith([[[ThingKind::Queue, [[-24, 0.3]], 1.6, 0.0, 'queue']], 1.0, true, Permission::No, 'mirror-beam'])]
    public function testWhoTheBeamMeetsIsAskedOfTheBook(array $stands, float $mirrorM, ?bool $isMet, Permission $permission, string $rule): void
    {
        $plan = self::plan(...array_map(static fn(array $s) => self::thing(...$s), $stands));
        $outlook = MirrorOutlook::of(self::thing(ThingKind::Mirror, [[-25, 0]], $mirrorM), self::thing(ThingKind::Screen, [[0, 0]], 3.0), $plan, self::track('2027-08-02', '07:30', '10:10'));
        self::assertNotNull($outlook);
        $situation = $outlook->situation();
        self::assertSame($isMet, $situation->get(Part::PeopleInBeam));
        $answer = Standard::book()->ask($situation);
        self::assertSame([$permission, $rule], [$answer->permission, $answer->rules[0]->id]);
        self::assertSame(Permission::Yes, Standard::book()->ask($situation->with(Part::PeopleInBeam, false)->with(Part::Attended, true))->permission);
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
}
