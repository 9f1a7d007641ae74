<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Audience\Yard;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\Crowd\Visit;
use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Yard\Attendance;
use KeenShadow\Core\Audience\Yard\UsualStation;
use KeenShadow\Core\Audience\Yard\Yard;
use KeenShadow\Core\Geometry\PlanPoint;
use PHPUnit\Framework\TestCase;

/** Groups that go from station to station over the yard; every number here is reckoned by hand. */
final class YardTest extends TestCase
{
    /** From the queue at the origin 50 m (3-4-5) to the glasses, from there 60 m to the telescope, at 1 m/s. */
    public function testAGroupWalksFromStationToStation(): void
    {
        $yard = self::yard([self::attends('Class', 4, [Method::Telescope, Method::Glasses])]);
        $visits = $yard->play();
        self::assertSame([50.0, 50.0, 50.0, 50.0, 130.0, 130.0, 130.0, 130.0], array_map(static fn(Visit $v): float => $v->cameS, $visits));
        self::assertSame([0, 0, 0, 0, 1, 1, 1, 1], array_map(static fn(Visit $v): int => $v->station, $visits), 'in the order of the methods, not of the choosing');
        // Four at once with glasses until 70 s; one after the other at the telescope, 30 s each: the last ends at 250 s.
        self::assertSame(250.0, max(0.0, ...array_map(static fn(Visit $v): float => $v->endedS, $visits)));
        self::assertSame([['Class' => 0], ['Class' => 1], ['Class' => 3], ['Class' => 4]], array_map(static fn(float $by): array => $yard->doneBy($visits, $by), [159.0, 160.0, 249.0, 250.0]));
        self::assertSame([4, 4, 1], $yard->leastPlaces(160.0), 'nobody waits: 50 + 20 + 60 + 30');
        self::assertSame(2, $yard->leastPlaces(190.0)[1] ?? null, 'two rounds at the telescope');
        self::assertNull($yard->leastPlaces(159.0));
    }

    public function testWhoSeesLittleGoesToWhatIsFelt(): void
    {
        $yard = self::yard([self::attends('Families', 10, [Method::Glasses, Method::PhaseStrip], blind: 3), self::attends('Little ones', 5, [Method::Box])]);
        self::assertSame([10, 0, 0], [$yard->peopleOf('Families'), $yard->peopleOf('Little ones'), $yard->peopleOf('Nobody')]);
        $at = array_count_values(array_map(static fn(Visit $v): int => $v->station, $yard->play()));
        self::assertSame([7, 3], [$at[0], $at[2]]);
        self::assertSame(['Families' => 10], $yard->doneBy($yard->play(), 1e6));
    }

    public function testThoseLetInFirstAndThoseNotOnThePlan(): void
    {
        $yard = new Yard(['telescope' => Station::of('telescope', 1, ServiceTime::fixed(30))], [], new PlanPoint(0, 0), [self::attends('Club', 2, [Method::Telescope]), self::attends('Class', 2, [Method::Telescope], first: true)], 3600.0, 1);
        $visits = $yard->play();
        self::assertSame([1, 1, 0, 0], array_map(static fn(Visit $v): int => $v->party, $visits));
        self::assertSame(0.0, $visits[0]->cameS, 'how far it is nobody knows');
    }

    /** An hour before the best moment is the begin; 10 min before it is 3000 s, and then 50 s of way. */
    public function testWhenAGroupComes(): void
    {
        $came = static fn(Coming $coming, ?float $aheadMin): array => array_map(static fn(Visit $v): float => $v->cameS - 50, self::yard([self::attends('Group', 200, [Method::Glasses], coming: $coming, aheadMin: $aheadMin)])->play());
        self::assertSame([3000.0], array_values(array_unique($came(Coming::AtOnce, 10.0))));
        self::assertSame([0.0], array_values(array_unique([...$came(Coming::AtOnce, null), ...$came(Coming::AtOnce, 600.0)])));
        [$even, $late, $burst] = [$came(Coming::Evenly, null), $came(Coming::Evenly, 10.0), $came(Coming::Burst, 5.0)];
        self::assertLessThan(100, $even[0]);
        self::assertGreaterThanOrEqual(3000, $late[0]);
        self::assertLessThanOrEqual(3600, max([0.0, ...$even, ...$late, ...$burst]));
        self::assertEqualsWithDelta(3600 - 300, array_sum($burst) / 200, 3 * 300 / sqrt(200));
    }

    public function testTheSameDayComesAgain(): void
    {
        $groups = [self::attends('Families', 80, [Method::Glasses, Method::Telescope], coming: Coming::Burst)];
        self::assertEquals(self::yard($groups)->play(), self::yard($groups)->play());
        self::assertNotEquals(self::yard($groups)->play(), self::yard($groups, 2)->play());
    }

    /** Ten people to a pair; a tray of pairs for those who share them, and every method that people queue for has a station. */
    public function testUsualStations(): void
    {
        $glasses = UsualStation::of(Method::Glasses, 180);
        self::assertSame([18, 20.0, 10.0], [$glasses->places, $glasses->service->meanS, $glasses->handOverS]);
        self::assertSame(GlassesSum::usual(180)->pairs(), $glasses->places);
        self::assertSame([true, false], [UsualStation::isFor(Method::Card), UsualStation::isFor(Method::Box)]);
        foreach (Method::cases() as $method) {
            self::assertSame($method->value, UsualStation::of($method, 0)->name);
            self::assertGreaterThanOrEqual(1, UsualStation::of($method, 0)->places);
            self::assertLessThanOrEqual(Station::MOST_PLACES, UsualStation::of($method, 200000)->places);
        }
    }

    /** @param list<Attendance> $groups */
    private static function yard(array $groups, int $seed = 1): Yard
    {
        $stations = [
            'glasses' => Station::of('glasses', 4, ServiceTime::fixed(20)),
            'telescope' => Station::of('telescope', 1, ServiceTime::fixed(30)),
            'phase_strip' => Station::of('phase_strip', 3, ServiceTime::fixed(120)),
        ];

        return new Yard($stations, ['glasses' => new PlanPoint(30, 40), 'telescope' => new PlanPoint(30, 100)], new PlanPoint(0, 0), $groups, 3600.0, $seed);
    }

    /** @param list<Method> $methods */
    private static function attends(string $name, int $people, array $methods, int $blind = 0, bool $first = false, Coming $coming = Coming::AtOnce, ?float $aheadMin = null): Attendance
    {
        return new Attendance($name, new Group(people: $people, band: AgeBand::Adult, spectacles: 0, seated: 0, lowVision: $blind, peeks: false), $methods, $coming, $aheadMin, $first);
    }
}
