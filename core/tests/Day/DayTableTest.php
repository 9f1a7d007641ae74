<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Day;

use Closure;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Day\Call;
use KeenShadow\Core\Day\CallKind;
use KeenShadow\Core\Day\DaySpan;
use KeenShadow\Core\Day\DayState;
use KeenShadow\Core\Day\DayTable;
use KeenShadow\Core\Day\DayTables;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What holds at every moment of the day: above all that filters are never said to be off outside the guarded times. */
final class DayTableTest extends TestCase
{
    /** Total, annular, hybrid and partial eclipses of the coming years. */
    private const DATES = ['2026-08-12', '2027-02-06', '2027-08-02', '2028-01-26', '2028-07-22', '2030-11-25', '2031-11-14', '2034-03-20'];

    /**
     * Random eclipses and places (half of them on the central line's own ground), things in front of the Sun, clocks that are wrong
     * within what they admit, and calls: whenever a screen says that filters may come off, it is C2 < now < C3 by the right clock and by the
     * rule, and neither stopped nor clouded.
     */
    #[DataProvider('seeds')]
    public function testFiltersAreNeverOffOutsideTheGuardedTimes(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        [$here, $hidden, $filters, $uncertainty] = self::byChance($random);
        $chance = self::chance($random);
        $middle = JulianDate::fromDateTime($here->circumstances->maximum->time());
        $table = DayTable::of($here, $filters, $uncertainty);
        $tables = DayTables::of($here, $filters);
        $calls = array_map(static fn(): Call => new Call(CallKind::cases()[$random->getInt(0, 3)], JulianDate::toDateTime($middle)->getTimestamp() + $chance(-300, 300)), range(1, $random->getInt(1, 4)));
        for ($i = 0; $i < 400; ++$i) {
            $now = JulianDate::toDateTime($middle + $chance(-0.003, 0.003));
            $shown = (float) $now->format('U.u') + $chance(-$uncertainty, $uncertainty);
            if ($table->at($shown) === DayState::MayComeOff) {
                [$c2, $c3] = [$here->circumstances->contact(ContactName::C2)?->time(), $here->circumstances->contact(ContactName::C3)?->time()];
                self::assertTrue($filters->mayComeOff() && $filters->off() <= $now && $now < $filters->on() && $c2 < $now && $now < $c3);
                foreach ($hidden as $interval) {
                    self::assertFalse($interval->covers(JulianDate::fromDateTime($now)));
                }
            }
            $coarser = $tables->for($uncertainty)->at($shown);
            self::assertTrue($coarser === $table->at($shown) || $coarser->areFiltersOn(), 'the table of a screen is no bolder');
            $called = $table->at($shown, $calls);
            self::assertTrue($called->areFiltersOn() || $table->at($shown) === DayState::MayComeOff, 'a call never takes filters off');
        }
        $this->addToAssertionCount(1);
    }

    /** Else the test before would be about nothing. */
    public function testAmongThemAreManyWithTotality(): void
    {
        $free = array_filter(iterator_to_array(self::seeds(), false), static fn(array $seed): bool => self::byChance(new Randomizer(new Xoshiro256StarStar($seed[0])))[2]->mayComeOff());

        self::assertGreaterThan(12, count($free));
    }

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            yield [$seed];
        }
    }

    /** Cádiz, 2 August 2027: C1 09:40:46, filters off 10:45:31 and on by 10:48:11 (the one rule, checked in FiltersTest), C4 11:59:36. */
    public function testADayOfTotality(): void
    {
        $table = self::table('2027-08-02', 36.53, -6.29, 0.0);
        $at = static fn(string $time): DayState => $table->at((float) (new DateTimeImmutable("2027-08-02 {$time}", new DateTimeZone('Europe/Madrid')))->format('U'));

        self::assertSame([DayState::Before, DayState::FiltersOn, DayState::MayComeOff, DayState::FiltersBackOn, DayState::After], array_map(static fn(DaySpan $s): DayState => $s->state, $table->spans));
        foreach ($table->spans as $i => $span) {
            self::assertSame($i === 0 ? -INF : $table->spans[$i - 1]->toS, $span->fromS, 'one after the other');
        }
        self::assertSame(
            [DayState::Before, DayState::FiltersOn, DayState::FiltersOn, DayState::MayComeOff, DayState::MayComeOff, DayState::FiltersBackOn, DayState::FiltersBackOn, DayState::After],
            array_map($at, ['09:40:40', '09:40:50', '10:45:29', '10:45:33', '10:48:09', '10:48:13', '11:59:30', '11:59:40']),
        );
    }

    /** A clock that may be wrong by a minute has 40 s left of the 160 s; by 74.5 s, less than the words and the warning take; one that is unknown has nothing. */
    public function testAWrongClockDrawsTheTimesIn(): void
    {
        $free = static fn(float $uncertainty): float => array_sum(array_map(static fn(DaySpan $s): float => $s->state === DayState::MayComeOff ? $s->toS - $s->fromS : 0.0, self::table('2027-08-02', 36.53, -6.29, $uncertainty)->spans));

        self::assertEqualsWithDelta($free(0.0) - 120, $free(60.0), 0.001);
        self::assertSame([0.0, 0.0, 0.0, 0.0], array_map($free, [74.5, -1.0, INF, NAN]));
    }

    /**
     * After a stop or a cloud filters come off again only while half a minute and the warning are ahead: whichever it was, whenever it was called and
     * taken back, once or several times.
     */
    public function testAStopTakenBackInTheLastSecondsKeepsFiltersOn(): void
    {
        $table = self::table('2027-08-02', 36.53, -6.29, 0.0);
        ['may_come_off' => $off, 'back_on' => $on] = $table->filterCalls();
        foreach ([[CallKind::Stop, CallKind::GoOn], [CallKind::Cloud, CallKind::Clear]] as [$call, $back]) {
            foreach ([[-600, 60.0, DayState::MayComeOff], [-600, 40.1, DayState::MayComeOff], [-600, 39.9, DayState::KeptOn], [5, 39.9, DayState::KeptOn], [5, 2.7, DayState::KeptOn], [5, 0.1, DayState::KeptOn]] as [$calledS, $leftS, $state]) {
                $calls = [new Call($call, $off + $calledS), new Call($back, $on - $leftS)];
                foreach ([0.0, 0.05, $leftS - 0.01] as $laterS) {
                    self::assertSame($state, $table->at($on - $leftS + $laterS, $calls), "{$call->value}, {$leftS} s left");
                    self::assertSame($state, $table->at($on - $leftS + $laterS, [...$calls, new Call($back, $on - $leftS + $laterS / 2)]), 'said twice it is as the first time');
                }
                self::assertSame(DayState::FiltersBackOn, $table->at($on, $calls));
            }
            // Taken back before totality it is as if nothing had been called.
            self::assertSame(DayState::MayComeOff, $table->at($on - 1, [new Call($call, $off - 60), new Call($back, $off - 1)]));
        }
    }

    /** A screen takes the next coarser step; past the last, or without a clock, nothing is left. */
    public function testAScreenTakesTheNextCoarserTable(): void
    {
        $here = self::cadiz();
        $tables = DayTables::of($here, Filters::forPlace($here));

        self::assertSame([0.1, 0.1, 0.2, 0.5, 30.0, INF, INF, INF, INF], array_map(static fn(float $s): float => $tables->for($s)->uncertaintyS, [0.0, 0.1, 0.11, 0.3, 29.0, 121.0, INF, NAN, -1.0]));
        self::assertSame([], $tables->for(NAN)->filterCalls());
        $sure = DayTable::of($here, Filters::forPlace($here), 0.0)->filterCalls();
        self::assertSame([10.0, 150.0], [$sure['back_on'] - $sure['warning'], round($sure['warning'] - $sure['may_come_off'], -1)]);
        self::assertEqualsWithDelta([$sure['may_come_off'] + 0.2, $sure['back_on'] - 10.2, $sure['back_on'] - 0.2], array_values($tables->for(0.15)->filterCalls()), 1e-6);
    }

    /** Annular and partial: on all the way. */
    public function testNoTotalityIsNoFreedom(): void
    {
        foreach ([['2028-01-26', 36.53, -6.29], ['2027-08-02', 40.42, -3.7]] as [$date, $lat, $lon]) {
            self::assertSame([DayState::Before, DayState::FiltersOn, DayState::After], array_map(static fn(DaySpan $s): DayState => $s->state, self::table($date, $lat, $lon, 0.0)->spans));
        }
    }

    /** A stop and a cloud hold until they are taken back; whoever calls both at one moment meant caution; what was called later holds not yet. */
    public function testCalls(): void
    {
        $table = self::table('2027-08-02', 36.53, -6.29, 0.0);
        $s = static fn(string $time): float => (float) (new DateTimeImmutable("2027-08-02 {$time}", new DateTimeZone('Europe/Madrid')))->format('U');
        $calls = [new Call(CallKind::GoOn, $s('10:47:00')), new Call(CallKind::Stop, $s('10:46:00')), new Call(CallKind::Cloud, $s('10:47:30')), new Call(CallKind::Clear, $s('10:47:30'))];

        self::assertSame(
            [DayState::MayComeOff, DayState::Stopped, DayState::Stopped, DayState::MayComeOff, DayState::Clouded, DayState::Clouded, DayState::After],
            array_map(static fn(string $time): DayState => $table->at($s($time), $calls), ['10:45:59', '10:46:00', '10:46:59', '10:47:00', '10:47:30', '11:30:00', '12:00:00']),
        );
        self::assertSame(DayState::Stopped, $table->at($s('12:00:00'), [new Call(CallKind::Stop, $s('09:00:00'))]), 'a stop outlasts the eclipse');
        self::assertSame(DayState::FiltersOn, $table->at(NAN), 'no clock at all');
    }

    /** @return array{LocalEclipse, list<Interval>, Filters, float} an eclipse at a place, what hides the Sun there, the rule, and a clock's uncertainty */
    private static function byChance(Randomizer $random): array
    {
        $chance = self::chance($random);
        $eclipse = (new EclipseSearch())->onDate(self::DATES[$random->getInt(0, count(self::DATES) - 1)]);
        $isNear = $random->getInt(0, 1) === 1;
        [$lat, $lon] = $isNear ? [$eclipse->latDeg + $chance(-1, 1), $eclipse->lonDeg + $chance(-1, 1)] : [$chance(-89, 89), $chance(-180, 180)];
        $here = LocalEclipse::seenFrom($eclipse, Observer::at(max(-89.0, min(89.0, $lat)), $lon, 0), new DateTimeZone('UTC'), new Ephemeris());
        $from = JulianDate::fromDateTime($here->circumstances->maximum->time()) + $chance(-0.002, 0.002);
        $hidden = $random->getInt(0, 2) === 0 ? [new Interval($from, $from + $chance(0.0001, 0.01))] : [];

        return [$here, $hidden, Filters::forPlace($here, $hidden), $chance(0, 8)];
    }

    /** @return Closure(float, float): float */
    private static function chance(Randomizer $random): Closure
    {
        return static fn(float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1e6;
    }

    private static function cadiz(): LocalEclipse
    {
        return self::here('2027-08-02', 36.53, -6.29);
    }

    private static function here(string $date, float $lat, float $lon): LocalEclipse
    {
        return LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at($lat, $lon, 0), new DateTimeZone('Europe/Madrid'), new Ephemeris());
    }

    private static function table(string $date, float $lat, float $lon, float $uncertaintyS): DayTable
    {
        $here = self::here($date, $lat, $lon);

        return DayTable::of($here, Filters::forPlace($here, []), $uncertaintyS);
    }
}
