<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\CueRecord;
use KeenShadow\Core\RunSheet\Cues\FilterCues;
use KeenShadow\Core\RunSheet\Cues\Merge;
use KeenShadow\Core\RunSheet\Cues\Moments;
use KeenShadow\Core\RunSheet\Cues\Occasion;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\UsualCue;
use KeenShadow\Core\RunSheet\RunSheetException;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Cues along the day. Contacts, sunset and the rule about filters have tests of their own; here is what hangs on them. */
final class CuesTest extends TestCase
{
    private const CADIZ = [36.53, -6.29];

    public function testACueStandsWhereItHangs(): void
    {
        $moments = new Moments(self::here('2027-08-02', self::CADIZ), []);
        $c1 = $moments->here->circumstances->contact(ContactName::C1)?->time();
        $placed = self::byId(Sheet::of([
            self::cue('a', CueKind::Brief, Anchor::C1, -1800, durationS: 900),
            self::cue('b', CueKind::Call, Anchor::Clock, 60, clockS: 10 * 3600 + 30 * 60),
        ])->placed($moments));

        self::assertNotNull($c1);
        self::assertSame(1800.0, (float) $c1->format('U.u') - (float) $placed['a']->begins?->format('U.u'));
        self::assertSame(900.0, (float) $placed['a']->ends?->format('U.u') - (float) $placed['a']->begins?->format('U.u'));
        self::assertSame('2027-08-02 08:31:00', $placed['b']->begins?->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s'), 'half past ten in summer time is 08:30 UTC');
        self::assertSame([[], []], [$placed['a']->notes, $placed['b']->notes]);
    }

    /** Another site or another eclipse moves all but what is frozen, and that is pointed out. */
    public function testAnotherEclipseMovesEverything(): void
    {
        $first = new Moments(self::here('2027-08-02', self::CADIZ), []);
        $sheet = Sheet::of([self::cue('a', CueKind::Call, Anchor::Maximum, -60), self::cue('b', CueKind::Call, Anchor::Maximum, -60)]);
        $sheet = $sheet->with($sheet->cues['b']->frozen($sheet->placed($first)[0]->begins));
        self::assertSame([[], []], array_column($sheet->placed($first), 'notes'));

        $elsewhere = self::here('2027-08-02', [36.0, -5.6]);
        $placed = self::byId($sheet->placed(new Moments($elsewhere, [])));
        self::assertEqualsWithDelta((float) $elsewhere->circumstances->maximum->time()->format('U.u') - 60, (float) $placed['a']->begins?->format('U.u'), 0.001);
        self::assertSame($sheet->cues['b']->frozenAt, $placed['b']->begins);
        self::assertSame([[], [CueNote::Frozen]], [$placed['a']->notes, $placed['b']->notes]);
    }

    /** @param array{float, float} $place */
    #[TestWith(['2028-01-26', [40.4, -3.7], Anchor::C2, CueNote::NoMoment])]
    #[TestWith(['2026-08-12', self::CADIZ, Anchor::C4, CueNote::MomentDown])]
    #[TestWith(['2027-08-02', self::CADIZ, Anchor::Hidden, CueNote::NoMoment])]
    public function testWhatDoesNotHappenHereGivesNoTime(string $date, array $place, Anchor $anchor, CueNote $note): void
    {
        $placed = Sheet::of([self::cue('a', CueKind::Call, $anchor, 60)])->placed(new Moments(self::here($date, $place), []))[0];

        self::assertSame([null, null, [$note]], [$placed->begins, $placed->ends, $placed->notes]);
    }

    public function testWhatIsWrongIsPointedOut(): void
    {
        $here = self::here('2026-08-12', self::CADIZ);
        $sunset = (new Moments($here, []))->of(Anchor::Sunset);
        self::assertNotNull($sunset);
        // The gym stands before the Sun for ten minutes, from half an hour before sunset on.
        $gym = new Interval(JulianDate::fromDateTime($sunset->modify('-30 minutes')), JulianDate::fromDateTime($sunset->modify('-20 minutes')));
        $placed = self::byId(Sheet::of([
            self::cue('dark', CueKind::Look, Anchor::Sunset, 60),
            self::cue('called', CueKind::Call, Anchor::Sunset, 60),
            self::cue('gym', CueKind::Look, Anchor::Sunset, -25 * 60),
            self::cue('clear', CueKind::Look, Anchor::Clear, 5),
            self::cue('early', CueKind::Move, Anchor::C1, -2 * 3600),
            self::cue('days', CueKind::Brief, Anchor::C1, -3 * 86400),
            self::cue('one', CueKind::Move, Anchor::C1, 0, durationS: 600, who: 'Inés'),
            self::cue('two', CueKind::Brief, Anchor::C1, 300, durationS: 600, who: 'inés'),
            self::cue('three', CueKind::Brief, Anchor::C1, 900, durationS: 60, who: 'inés'),
        ])->placed(new Moments($here, [$gym])));

        self::assertSame([[CueNote::SunDown], [], [CueNote::SunHidden], []], array_map(static fn(string $id): array => $placed[$id]->notes, ['dark', 'called', 'gym', 'clear']));
        self::assertEqualsWithDelta((float) $sunset->format('U.u') - 20 * 60 + 5, (float) $placed['clear']->begins?->format('U.u'), 0.01);
        $bite = JulianDate::fromDateTime($here->begins());
        self::assertSame([CueNote::SunHidden], Sheet::of([self::cue('bite', CueKind::Call, Anchor::C1, 0)])->placed(new Moments($here, [new Interval($bite - 0.01, $bite + 0.01)]))[0]->notes);
        self::assertSame([CueNote::OutsideHours], $placed['early']->notes);
        self::assertSame([], $placed['days']->notes);
        self::assertSame([[CueNote::Clash], ['two']], [$placed['one']->notes, $placed['one']->clashes]);
        self::assertSame([], $placed['three']->notes, 'one after the other is no clash');
    }

    /** @return iterable<string, array{string, array{float, float}, list<array{float, float}>, bool}> with what hides the Sun, in hours from the maximum */
    public static function places(): iterable
    {
        yield 'total' => ['2027-08-02', self::CADIZ, [], true];
        yield 'total, the gym before it' => ['2027-08-02', self::CADIZ, [[-0.5, 0.5]], false];
        yield 'total, the gym before half of it' => ['2027-08-02', self::CADIZ, [[-0.5, 0.0]], true];
        yield 'partial' => ['2027-08-02', [40.4, -3.7], [], false];
        yield 'annular' => ['2028-01-26', [37.4, -6.0], [], false];
        yield 'total below the horizon' => ['2026-08-12', [37.27, 9.87], [], false];
        yield 'at the edge of the path' => ['2027-08-02', [36.72, -6.0], [], false];
    }

    /**
     * @param array{float, float} $place
     * @param list<array{float, float}> $hidden
     */
    #[DataProvider('places')]
    public function testFilterCuesComeFromTheRuleAndAddUp(string $date, array $place, array $hidden, bool $mayComeOff): void
    {
        $here = self::here($date, $place);
        $maximum = $here->circumstances->maximum->julianDateUt();
        $hidden = array_map(static fn(array $h): Interval => new Interval($maximum + $h[0] / 24, $maximum + $h[1] / 24), $hidden);
        $filters = Filters::forPlace($here, $hidden);
        $cues = FilterCues::of($here, $filters);

        self::assertSame([$mayComeOff, $mayComeOff], [$filters->mayComeOff(), $cues !== null]);
        $codes = array_map(static fn(UsualCue $cue): string => $cue->code, UsualCue::for(Occasion::Public, new Moments($here, $hidden)));
        self::assertSame($mayComeOff, in_array('shadow-bands', $codes, true));
        self::assertSame($mayComeOff && $hidden === [], in_array('look-round', $codes, true), 'half of it behind the gym: filters would be on');
        if ($cues === null) {
            return;
        }
        self::assertEquals([$filters->off(), $filters->on()], [$cues->off, $cues->on]);
        $seconds = static fn(DateTimeImmutable $to, DateTimeImmutable $from): float => (float) $to->format('U.u') - (float) $from->format('U.u');
        self::assertSame(10.0, $seconds($cues->on, $cues->warning));
        // C2, C3 and the parts of the sum are compared with other programs where they are made.
        self::assertEqualsWithDelta($seconds($cues->c3, $cues->on), array_sum($cues->onSum), 0.001);
        self::assertGreaterThanOrEqual(array_sum($cues->offSum) - 0.001, $seconds($cues->off, $cues->c2));
        self::assertSame($hidden !== [], $cues->isCut);
        if ($hidden === []) {
            self::assertEqualsWithDelta($seconds($cues->off, $cues->c2), array_sum($cues->offSum), 0.001);
        }
    }

    public function testUsualCuesFitTheEventAndTheEclipse(): void
    {
        $codes = static fn(Occasion $occasion, string $date, float $lat, float $lon): array => array_map(static fn(UsualCue $cue): string => $cue->code, UsualCue::for($occasion, new Moments(self::here($date, [$lat, $lon]), [])));

        self::assertContains('shadow-bands', $codes(Occasion::Public, '2027-08-02', ...self::CADIZ));
        self::assertContains('darken', $codes(Occasion::Indoors, '2027-08-02', ...self::CADIZ));
        $ring = $codes(Occasion::Lessons, '2028-01-26', 37.4, -6.0);
        self::assertSame(['brief-class', 'ring'], array_values(array_intersect($ring, ['brief-class', 'ring', 'shadow-bands'])));
        $sunset = $codes(Occasion::Public, '2026-08-12', ...self::CADIZ);
        self::assertContains('sunset', $sunset);
        self::assertNotContains('last-bite', $sunset, 'C4 is below the horizon');
        self::assertContains('collect', $sunset, 'on sunset instead');
    }

    /** Two people change one sheet at once: by chance, a hundred times. */
    public function testWhatTwoPeopleChangeIsMerged(): void
    {
        mt_srand(7);
        $change = static function (Sheet $sheet, string $who): Sheet {
            foreach (array_rand(array_fill_keys(range(1, 6), 0), 2) as $id) {
                $sheet = match (mt_rand(0, 2)) {
                    0 => $sheet->without("c{$id}"),
                    1 => $sheet->with(self::cue("c{$id}", CueKind::Call, Anchor::C1, mt_rand(0, 1) * 60)),
                    default => $sheet->with(self::cue("{$who}{$id}", CueKind::Move, Anchor::C4, 0)),
                };
            }

            return $sheet;
        };
        $base = Sheet::of(array_map(static fn(int $i): Cue => self::cue("c{$i}", CueKind::Call, Anchor::C1, 0), range(1, 5)));
        for ($i = 0; $i < 100; ++$i) {
            [$mine, $theirs] = [$change($base, 'mine'), $change($base, 'theirs')];
            $merged = Merge::of($base, $mine, $theirs);
            $disputed = array_map(static fn(Cue $cue): string => $cue->id, $merged->disputed);
            foreach (array_keys($base->cues + $mine->cues + $theirs->cues) as $id) {
                $of = static fn(Sheet $sheet): ?array => isset($sheet->cues[$id]) ? CueRecord::write($sheet->cues[$id]) : null;
                $changed = array_values(array_filter([$mine, $theirs], static fn(Sheet $s): bool => $of($s) !== $of($base)));
                $wanted = array_unique(array_map(static fn(Sheet $s): string => serialize($of($s)), $changed));
                self::assertSame(count($wanted) > 1, in_array($id, $disputed, true), $id);
                self::assertContains(serialize($of($merged->sheet)), $wanted === [] ? [serialize($of($base))] : $wanted, $id);
            }
            self::assertEquals(self::sorted($base), self::sorted(Merge::of($base, $base, $base)->sheet));
            self::assertEquals(self::sorted($mine), self::sorted(Merge::of($base, $mine, $base)->sheet));
        }
    }

    public function testACueSurvivesItsRecord(): void
    {
        $cue = Cue::of('a', CueKind::Measure, 'Reading', Anchor::Clock, -5, 36000, 60, 'Inés', 'lawn', 'In the shade', 'Quiet', new DateTimeImmutable('2027-08-02 08:00:00.25 UTC'));

        self::assertEquals($cue, CueRecord::read(CueRecord::write($cue)));
    }

    /** @param array{int, int|null, int} $values offset, clock and length in seconds */
    #[TestWith(['offset_s', Anchor::C1, [15 * 86400, null, 0]])]
    #[TestWith(['duration_s', Anchor::C1, [0, null, -1]])]
    #[TestWith(['clock', Anchor::Clock, [0, null, 0]])]
    #[TestWith(['clock', Anchor::C1, [0, 3600, 0]])]
    #[TestWith(['clock', Anchor::Clock, [0, 86400, 0]])]
    public function testNonsenseIsRefused(string $field, Anchor $anchor, array $values): void
    {
        $this->expectExceptionMessageMatches("/{$field}/");
        $this->expectException(RunSheetException::class);

        Cue::of('a', CueKind::Call, 'x', $anchor, ...$values);
    }

    private static function cue(string $id, CueKind $kind, Anchor $anchor, int $offsetS, ?int $clockS = null, int $durationS = 0, string $who = ''): Cue
    {
        return Cue::of($id, $kind, $id, $anchor, $offsetS, $clockS, $durationS, $who);
    }

    /** @return array<string, Cue> */
    private static function sorted(Sheet $sheet): array
    {
        $cues = $sheet->cues;
        ksort($cues);

        return $cues;
    }

    /**
     * @param list<PlacedCue> $placed
     *
     * @return array<string, PlacedCue>
     */
    private static function byId(array $placed): array
    {
        return array_combine(array_map(static fn(PlacedCue $p): string => $p->cue->id, $placed), $placed);
    }

    /** @param array{float, float} $place */
    private static function here(string $date, array $place): LocalEclipse
    {
        return LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at(...$place), new DateTimeZone('Europe/Madrid'), new Ephemeris());
    }
}
