<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\RunSheet\Cues\Merge;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\SheetRecord;
use KeenShadow\Core\RunSheet\Rota\Bell;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rota\GroupWish;
use KeenShadow\Core\RunSheet\Rota\Helping;
use KeenShadow\Core\RunSheet\Rota\Mend;
use KeenShadow\Core\RunSheet\Rota\Party;
use KeenShadow\Core\RunSheet\Rota\Remedy;
use KeenShadow\Core\RunSheet\Rota\RemedyKind;
use KeenShadow\Core\RunSheet\Rota\Rota;
use KeenShadow\Core\RunSheet\Rota\RotaDay;
use KeenShadow\Core\RunSheet\Rota\RotaProblem;
use KeenShadow\Core\RunSheet\Rota\Spot;
use KeenShadow\Core\RunSheet\Rota\StationWish;
use KeenShadow\Core\RunSheet\Rota\Training;
use KeenShadow\Core\RunSheet\Rota\Wishes;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\ProblemRecord;
use KeenShadow\Core\RunSheet\Rotation\Solver;
use KeenShadow\Core\RunSheet\Rotation\Stretch;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use KeenShadow\Core\RunSheet\RunSheetException;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Wishes, the hours in which turns make sense, the problem they make, and what would mend it. */
final class RotaTest extends TestCase
{
    private const CADIZ = [36.53, -6.29, 0.0];

    /**
     * The rule book says which things are refused unattended: these and no others are never alone.
     *
     * @param array<string, string|bool|float|list<string>> $done
     */
    #[TestWith(['glasses', ['look' => 'direct', 'filter' => 'eclipse_glasses', 'at' => 'eye', 'instrument' => 'none', 'spectacles' => 'under', 'verdict' => 'fit', 'lot' => 'in_order', 'flaw' => [], 'stacked' => false]])]
    #[TestWith(['box', ['look' => 'pinhole_screen', 'instrument' => 'none']])]
    #[TestWith(['card', ['look' => 'pinhole_screen', 'instrument' => 'none']])]
    #[TestWith(['mirror', ['look' => 'pinhole_screen', 'instrument' => 'flat_mirror', 'mounted' => 'tripod', 'finder' => 'capped_both', 'people_in_beam' => false]])]
    #[TestWith(['projection', ['look' => 'projected', 'instrument' => 'refractor', 'filter' => 'none', 'eyepiece' => 'uncemented', 'aperture_mm' => 60.0, 'mounted' => 'tripod', 'finder' => 'capped_both', 'people_in_beam' => false]])]
    #[TestWith(['telescope', ['look' => 'through_optics', 'instrument' => 'refractor', 'filter' => 'visual_front', 'at' => 'front', 'fixing' => 'taped', 'checked_against_sun' => true, 'verdict' => 'fit', 'lot' => 'in_order', 'flaw' => [], 'stacked' => false, 'mounted' => 'tripod', 'finder' => 'capped_both', 'people_in_beam' => false]])]
    public function testWhatIsNeverAlone(string $method, array $done): void
    {
        $refused = static fn(bool $isAttended): bool => Standard::book()->ask(Situation::of(['person' => 'adult', 'keeps_on' => true, 'attended' => $isAttended] + $done))->permission === Permission::No;

        self::assertFalse($refused(true));
        self::assertSame($refused(false), Method::from($method)->isNeverAlone(Standard::book()));
    }

    /**
     * Contacts as the Sky page has them for Cádiz: 2027-08-02 from 09:41 to 12:05 with totality about 10:45:30–10:48:20; 2028-01-26 from
     * 16:41 and sunset in the eclipse at 18:37; filters off three minutes before totality to its end is for all together.
     *
     * @param array{string, string}|null $bare
     * @param array{int, int} $within
     * @param array{int, int}|null $together
     * @param list<array{int, int}> $seen
     */
    #[TestWith(['2027-08-02', ['10:45:40', '10:48:10'], [580, 720], [640, 650], [[580, 640], [650, 720]]])]
    #[TestWith(['2027-08-02', null, [580, 720], null, [[580, 720]]])]
    public function testHoursForTurns(string $date, ?array $bare, array $within, ?array $together, array $seen): void
    {
        $here = self::here($date, ...self::CADIZ);
        $at = static fn(string $time): DateTimeImmutable => new DateTimeImmutable("{$date} {$time}", new DateTimeZone('Europe/Madrid'));
        $day = RotaDay::of($here, [], $bare === null ? null : [$at($bare[0]), $at($bare[1])], $at('08:30'), $at('13:00'), 5);

        self::assertNotNull($day);
        self::assertEquals(new Stretch(...$within), $day->within);
        self::assertEquals($together === null ? null : new Stretch(...$together), $day->together);
        self::assertEquals(array_map(static fn(array $s): Stretch => new Stretch(...$s), $seen), $day->seen);
    }

    /** Behind the gym nobody has a turn, nor after sunset; where the Sun is down for all of it there is no day at all. */
    public function testNothingToSeeIsNoTurn(): void
    {
        $here = self::here('2028-01-26', ...self::CADIZ);
        $at = static fn(string $time): DateTimeImmutable => new DateTimeImmutable("2028-01-26 {$time}", new DateTimeZone('Europe/Madrid'));
        $hidden = new Interval(JulianDate::fromDateTime($at('17:12')), JulianDate::fromDateTime($at('17:31')));
        $day = RotaDay::of($here, [$hidden], null, $at('16:00'), $at('20:00'), 5);

        self::assertNotNull($day);
        self::assertSame(1030, $day->seen[0]->toMin);
        self::assertSame(1055, $day->seen[1]->fromMin);
        self::assertCount(2, $day->seen);
        self::assertEquals(new Stretch(1071, 1081), $day->peak, 'around 17:56, midway between C2 and C3 of the Sky page');
        $behind = new Interval(JulianDate::fromDateTime($at('17:42')), JulianDate::fromDateTime($at('18:31')));
        self::assertEquals(new Stretch(1050, 1060), RotaDay::of($here, [$behind], null, $at('16:00'), $at('20:00'), 5)?->peak, 'the last that is seen before it goes behind something at the maximum');
        $sunset = $here->bestVisible()->time() > $here->ends() ? $here->ends() : ($here->cutBy()->time ?? $here->ends());
        self::assertLessThanOrEqual($sunset, $day->at($day->seen[1]->toMin));
        self::assertGreaterThan($sunset->modify('-5 minutes'), $day->at($day->seen[1]->toMin));
        self::assertLessThanOrEqual(5 * 60, abs($day->at($day->within->toMin)->getTimestamp() - $sunset->getTimestamp()), 'nothing is watched over after sunset');
        self::assertNull(RotaDay::of($here, [], null, $at('10:00'), $at('12:00'), 5), 'closed before it begins');
        $night = self::here('2027-08-02', 36.53, 170.0, 0.0);
        self::assertNull(RotaDay::of($night, [], null, $night->begins(), $night->ends(), 5));
    }

    /** An eclipse from 23:15 to one o'clock: minutes go on after midnight, and half past twelve is the one of that night. */
    public function testAcrossMidnight(): void
    {
        $here = LocalEclipse::seenFrom((new EclipseSearch())->onDate('2026-08-12'), Observer::at(74.0, 98.0, 0.0), new DateTimeZone('Asia/Krasnoyarsk'), new Ephemeris());
        $day = RotaDay::of($here, [], null, $here->begins(), $here->ends(), 5);

        self::assertNotNull($day);
        self::assertLessThan(0, $day->within->fromMin);
        self::assertSame('23:15', $here->local($day->at($day->within->fromMin))->format('H:i'));
        self::assertSame(['08-12 23:30', '08-13 00:30'], array_map(static fn(int $clock): string => $day->at($day->near($clock))->format('m-d H:i'), [1410, 30]));
        self::assertSame(-30, $day->minuteOf($day->at(-30)));
        foreach ([0 => 1, 1 => 0] as $crew => $turns) {
            $wishes = Wishes::none()->withGroups(['g1' => new GroupWish(1)])->withStations(['card' => new StationWish(crew: $crew)]);
            $answer = Solver::solve(RotaProblem::of($wishes, $day, [new Party('g1', 20, ['card'])], [new Spot('card', 8, 30.0, 30, null)], [], null));
            self::assertCount($turns, $answer->turns);
            self::assertCount(1 - $turns, $answer->unmet);
        }
    }

    /** What is usual, worked by hand: 26 at 30 s each at one eyepiece are 13 min, on the step 15; 20 to a helper make two; a crowd of 320 comes as it likes and wants somebody there. */
    public function testWhatIsUsual(): void
    {
        $here = self::here('2027-08-02', ...self::CADIZ);
        $day = RotaDay::of($here, [], null, $here->begins(), $here->ends(), 5);
        self::assertNotNull($day);
        $wishes = Wishes::none()->withBells([Bell::of('1', 580, 640, false), Bell::of('Break', 640, 660, true), Bell::of('2', 661, 719, false)])->withHelper('h1', new CrewWish(600, null, 702));
        $spots = [new Spot('telescope', 1, 30.0, 20, new PlanPoint(0, 0), true), new Spot('card', 8, 30.0, 30, new PlanPoint(0, 130)), new Spot('glasses', 28, 30.0, 30, null)];
        $problem = RotaProblem::of($wishes, $day, [new Party('g1', 26, ['telescope', 'card']), new Party('g2', 320, ['glasses'])], $spots, [new Helping('h1', [Training::Instrument], [new Stretch(633, 641)]), new Helping('h2', [])], 40);
        $stations = array_column($problem->stations, null, 'id');

        self::assertSame([15, 30, 2, ['instrument'], true], [$stations['telescope']->minutes, $stations['telescope']->capacity, $stations['telescope']->crew, $stations['telescope']->training, $stations['telescope']->isNeverAlone]);
        self::assertSame([10, 30, 1, false], [$stations['card']->minutes, $stations['card']->capacity, $stations['card']->crew, $stations['card']->isNeverAlone]);
        self::assertTrue($stations['glasses']->isNeverAlone);
        self::assertSame([2, 2], [$problem->walk('telescope', 'card'), $problem->walk('card', 'telescope')]);
        self::assertSame([2, 0], array_column($problem->groups, 'turns'));
        self::assertEquals([new Stretch(580, 640), new Stretch(665, 715)], $problem->groups[0]->free, 'bells, inward to the step');
        self::assertEquals([new Stretch(600, 630), new Stretch(645, 700)], $problem->crew[0]->free, 'gone from 11:42 on, and wanted by a cue from 10:33 to 10:41');
        self::assertCount(1, $problem->crew, 'the other was not asked to come');
    }

    /**
     * Every remedy named is enough, and a smaller one is not, by the search through everything.
     *
     * @param array<string, mixed> $change of a problem with one station and two groups of 20
     * @param list<array{RemedyKind, string, int}> $remedies
     */
    #[TestWith([['capacity' => 19], [[RemedyKind::Capacity, 'lawn', 1]]])]
    #[TestWith([['fit' => 14], [[RemedyKind::Pairs, '', 6]]])]
    #[TestWith([['crew' => 1], [[RemedyKind::Helpers, '', 1]]])]
    #[TestWith([['to' => '10:15'], [[RemedyKind::Shorter, 'lawn', 5]]])]
    #[TestWith([['free' => ['10:05', '10:10'], 'minutes' => 10], [[RemedyKind::Shorter, 'lawn', 5], [RemedyKind::Free, 'b', 5]]])]
    public function testTheLeastChangeThatMends(array $change, array $remedies): void
    {
        $change += ['capacity' => 20, 'fit' => 20, 'crew' => 0, 'to' => '10:30', 'free' => ['10:00', $change['to'] ?? '10:30'], 'minutes' => 10];
        $problem = ProblemRecord::read([
            'step_min' => 5, 'from' => '10:00', 'to' => $change['to'], 'peak' => ['10:00', '10:10'],
            'stations' => [['id' => 'lawn', 'method' => 'glasses', 'capacity' => $change['capacity'], 'minutes' => $change['minutes'], 'crew' => $change['crew']]],
            'groups' => [['id' => 'a', 'people' => 20, 'methods' => ['glasses'], 'free' => [['10:00', $change['to']]]], ['id' => 'b', 'people' => 20, 'methods' => ['glasses'], 'free' => [$change['free']]]],
            'crew' => [], 'glasses' => ['fit' => $change['fit']],
        ]);
        $answer = Solver::solve($problem);
        $unmet = array_column($answer->unmet, null, 'group')['b'] ?? $answer->unmet[0];
        $found = Mend::of($problem, $unmet, count($answer->turns));

        self::assertEquals($remedies, array_map(static fn(Remedy $r): array => [$r->kind, $r->id, $r->amount], $found));
        foreach ($found as $remedy) {
            self::assertGreaterThan(count($answer->turns), count(Solver::solve(Mend::changed($problem, $remedy))->turns));
            $less = $remedy->amount - (in_array($remedy->kind, [RemedyKind::Shorter, RemedyKind::Free], true) ? 5 : 1);
            self::assertCount($less === 0 ? count($answer->turns) : count(Solver::solve(Mend::changed($problem, new Remedy($remedy->kind, $remedy->id, $less)))->turns), $answer->turns);
        }
    }

    /** Two people at once: each one's turn, duty and wish stays; the same one changed by both is disputed; read back it is the same. */
    public function testTwoPeopleAtOnce(): void
    {
        $rota = Rota::of(Wishes::none(), [new Turn('g1', 'card', 600, 610)], ['p1' => new Post('h1', 'card', 600, 630)]);
        $base = Sheet::blank()->withRota($rota);
        $mine = $base->withRota($rota->withTurn(new Turn('g2', 'card', 610, 620))->with(Wishes::none()->withHelper('h1', new CrewWish(540))));
        $theirs = $base->withRota($rota->withPost('p1', new Post('h2', 'card', 600, 630))->with(Wishes::none()->withHelper('h2', new CrewWish())));
        $merge = Merge::of($base, $mine, $theirs);

        self::assertTrue($merge->isAgreed());
        self::assertSame(['g1-card', 'g2-card'], array_keys($merge->sheet->rota->turns));
        self::assertSame('h2', $merge->sheet->rota->posts['p1']->helper);
        self::assertSame(['h2', 'h1'], array_keys($merge->sheet->rota->wishes->crew));
        self::assertFalse(Merge::of($base, $base->withRota($rota->withPost('p1', new Post('h3', 'card', 600, 630))), $theirs)->isAgreed());
        self::assertFalse(Merge::of($base, $base->withRota($rota->with($rota->wishes->withLimits(10, 60, 10, null))), $base->withRota($rota->with($rota->wishes->withLimits(1, 60, 10, null))))->isAgreed());
        self::assertEquals($merge->sheet, SheetRecord::read(SheetRecord::write($merge->sheet)));
    }

    /** Found anew, the post of the same helper at the same station keeps its number: a calendar knows it again. */
    public function testNumbersStay(): void
    {
        $rota = Rota::of(Wishes::none(), [], ['p1' => new Post('h1', 'card', 600, 610), 'p2' => new Post('h1', 'card', 700, 710), 'p3' => new Post('h2', 'card', 610, 620)]);
        $new = $rota->withPosts([new Post('h1', 'card', 705, 715), new Post('h1', 'card', 605, 610), new Post('h3', 'card', 610, 620)], static fn(): string => 'new');

        self::assertEquals(['p1' => new Post('h1', 'card', 605, 610), 'p2' => new Post('h1', 'card', 705, 715), 'new' => new Post('h3', 'card', 610, 620)], $new->posts);
        self::assertEquals(['p1' => new Post('h2', 'card', 600, 610), 'p3' => new Post('h1', 'card', 610, 620)], array_diff_key($rota->swapped('p1', 'p3')->posts, ['p2' => true]));
    }

    /** @param list<array{string, int, int}> $bells */
    #[TestWith(['bells', [['1', 600, 650], ['2', 640, 700]]])]
    #[TestWith(['bells', [['1', 600, 650], ['1', 650, 700]]])]
    #[TestWith(['to', [['1', 650, 650]]])]
    #[TestWith(['name', [[' ', 600, 650]]])]
    public function testBellsThatMakeNoSense(string $field, array $bells): void
    {
        try {
            Bell::day(array_map(static fn(array $b): Bell => Bell::of($b[0], $b[1], $b[2], false), $bells));
            self::fail('taken');
        } catch (RunSheetException $e) {
            self::assertSame($field, $e->field);
        }
    }

    private static function here(string $date, float $lat, float $lon, float $heightM): LocalEclipse
    {
        return LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at($lat, $lon, $heightM), new DateTimeZone('Europe/Madrid'), new Ephemeris());
    }
}
