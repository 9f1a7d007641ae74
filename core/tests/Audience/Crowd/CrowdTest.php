<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Audience\Crowd;

use KeenShadow\Core\Audience\Crowd\Arrivals;
use KeenShadow\Core\Audience\Crowd\LeastPlaces;
use KeenShadow\Core\Audience\Crowd\Party;
use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Simulation;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\Crowd\Visit;
use KeenShadow\Core\Audience\Crowd\Waiting;
use KeenShadow\Core\Audience\GlassesSum;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The simulation of crowds beside queueing theory, and what must hold of every run. */
final class CrowdTest extends TestCase
{
    private const RUNS = 40;
    private const PEOPLE = 4000;
    private const WARMING_UP = 1000;
    /** Student's t for 39 degrees of freedom, 99.9 % two-sided. */
    private const T = 3.558;

    /** @return array<string, array{int, float, ServiceTime, float}> places, arrivals a second, service, mean wait in theory */
    public static function queues(): array
    {
        return [
            // Erlang 1917 (C), see Gross & Harris, Fundamentals of Queueing Theory, ch. 2 (from memory).
            'one place, as it happens' => [1, 0.035, ServiceTime::asItHappens(20), self::erlangC(1, 0.035, 20)],
            'three places, as it happens' => [3, 0.12, ServiceTime::asItHappens(20), self::erlangC(3, 0.12, 20)],
            'ten places, as it happens' => [10, 0.4, ServiceTime::asItHappens(20), self::erlangC(10, 0.4, 20)],
            // Pollaczek 1930, Khinchine 1932 (from memory).
            'one place, always the same' => [1, 0.035, ServiceTime::fixed(20), self::pollaczekKhinchine(0.035, ServiceTime::fixed(20))],
            'one place, about so long' => [1, 0.035, ServiceTime::about(20, 15), self::pollaczekKhinchine(0.035, ServiceTime::about(20, 15))],
        ];
    }

    #[DataProvider('queues')]
    public function testMeanWaitsAgreeWithTheory(int $places, float $perSecond, ServiceTime $service, float $theoryS): void
    {
        $means = [];
        for ($seed = 1; $seed <= self::RUNS; ++$seed) {
            $random = self::random($seed);
            $visits = Simulation::run([Station::of('Telescope', $places, $service)], [new Party('Visitors', Arrivals::steady(self::PEOPLE, $perSecond, $random), [0])], $random);
            $means[] = Waiting::at(array_slice($visits, self::WARMING_UP), 0)->meanS;
        }
        $mean = array_sum($means) / self::RUNS;
        $deviation = sqrt(array_sum(array_map(static fn(float $m): float => ($m - $mean) ** 2, $means)) / (self::RUNS - 1));
        $half = self::T * $deviation / sqrt(self::RUNS);
        self::assertEqualsWithDelta($theoryS, $mean, $half);
        self::assertLessThan(0.25 * $theoryS, $half, 'the confidence is narrow enough to mean something');
    }

    /** Everybody once, no two at one place, the first first, nobody while a place is free. */
    public function testWhatHoldsOfEveryRun(): void
    {
        $random = self::random(5);
        $stations = [Station::of('Glasses', 7, ServiceTime::about(20, 10), 10), Station::of('Telescope', 2, ServiceTime::asItHappens(40), 5)];
        $parties = [
            new Party('Class', Arrivals::atOnce(26, 300), [0]),
            new Party('Families', Arrivals::stream(200, 0, 3600, $random), [0, 1], [15.0, 60.0]),
            new Party('Late', Arrivals::burst(80, 3000, 400, $random), [1]),
        ];
        $visits = Simulation::run($stations, $parties, $random);
        self::assertCount(26 + 2 * 200 + 80, $visits);
        foreach ([0, 1] as $station) {
            $here = array_values(array_filter($visits, static fn(Visit $v): bool => $v->station === $station));
            $visitors = array_map(static fn(Visit $v): int => $v->visitor, $here);
            self::assertSame($visitors, array_unique($visitors));
            $freeAt = array_fill(0, $stations[$station]->places, -INF);
            $cameBefore = 0.0;
            foreach ($here as $visit) {
                self::assertGreaterThanOrEqual($visit->cameS, $visit->beganS);
                self::assertGreaterThan($visit->beganS, $visit->endedS);
                self::assertGreaterThanOrEqual($cameBefore, $visit->cameS, 'first come, first served');
                self::assertGreaterThanOrEqual($freeAt[$visit->place], $visit->beganS);
                self::assertTrue($visit->waitS() === 0.0 || min(INF, ...$freeAt) >= $visit->beganS - 1e-9, 'nobody waits while a place is free');
                $freeAt[$visit->place] = $visit->endedS + $stations[$station]->handOverS;
                $cameBefore = $visit->cameS;
            }
        }
        foreach (array_filter($visits, static fn(Visit $v): bool => $v->party === 1 && $v->station === 1) as $second) {
            $first = array_values(array_filter($visits, static fn(Visit $v): bool => $v->visitor === $second->visitor && $v->station === 0))[0];
            self::assertEqualsWithDelta($first->endedS + 60, $second->cameS, 1e-9);
        }
    }

    public function testTheSameSeedGivesTheSameRun(): void
    {
        $run = static function (int $seed): array {
            $random = self::random($seed);

            return Simulation::run([Station::of('Telescope', 2, ServiceTime::asItHappens(30))], [new Party('Visitors', Arrivals::stream(300, 0, 3600, $random), [0])], $random);
        };
        self::assertEquals($run(7), $run(7));
        self::assertNotEquals($run(7), $run(8));
    }

    public function testThosePutFirstGoFirst(): void
    {
        $station = [Station::of('Telescope', 1, ServiceTime::fixed(30))];
        $visits = Simulation::run($station, [new Party('Queue', Arrivals::atOnce(20, 0), [0], priority: 1), new Party('Seated', Arrivals::atOnce(3, 100), [0])], self::random(1));
        $seated = array_values(array_filter($visits, static fn(Visit $v): bool => $v->party === 1));
        // At 100 s the fourth looks until 120; then the three, one after the other.
        self::assertSame([120.0, 150.0, 180.0], array_map(static fn(Visit $v): float => $v->beganS, $seated));
    }

    /** Ten people to a pair for 20 s looks, 10 s hand-over, one look in 5 min: the sum of shared glasses, played through. */
    public function testTheSumOfSharedGlassesPlayedThrough(): void
    {
        $sum = GlassesSum::of(180, 20, 10, 5, 0);
        $class = [new Party('All at once', Arrivals::atOnce(180, 0), [0])];
        $glasses = [Station::of('Glasses', $sum->pairs(), ServiceTime::fixed(20), 10)];
        $visits = Simulation::run($glasses, $class, self::random(1));
        self::assertSame(290.0, max(0.0, ...array_map(static fn(Visit $v): float => $v->endedS, $visits)));
        self::assertSame(180, Waiting::at($visits, 0)->lookedBetween(0, 300));
        self::assertSame([18], LeastPlaces::of($glasses, $class, 300, 1));
        self::assertSame([18], LeastPlaces::of($glasses, $class, 290, 1));
        self::assertSame([20], LeastPlaces::of($glasses, $class, 289, 1));
        self::assertNull(LeastPlaces::of($glasses, $class, 19, 1));
    }

    /** Two stations one after the other: 60 people, 10 s each, 100 s and 60 s: ten and six rounds, reckoned by hand. */
    public function testTheLeastPlacesAtSeveralStations(): void
    {
        $stations = [Station::of('Glasses', 1, ServiceTime::fixed(10)), Station::of('Screen', 1, ServiceTime::fixed(10)), Station::of('Nobody goes there', 7, ServiceTime::fixed(10))];
        // Screen alone: 30 people within 60 s are six rounds of five.
        $apart = [new Party('A', Arrivals::atOnce(60, 0), [0]), new Party('B', Arrivals::atOnce(30, 0), [1])];
        self::assertSame([10, 5, 1], LeastPlaces::of($stations, $apart, 60, 1));
        // Both, one after the other: sixty looks at each station, and whatever is found cannot do with one place less anywhere.
        $both = [new Party('A', Arrivals::atOnce(60, 0), [0, 1], [0.0, 5.0])];
        $places = LeastPlaces::of($stations, $both, 100, 1);
        self::assertNotNull($places);
        self::assertTrue(self::isDone($stations, $places, $both, 100));
        foreach ([0, 1] as $station) {
            self::assertFalse(self::isDone($stations, array_replace($places, [$station => $places[$station] - 1]), $both, 100));
        }
        self::assertLessThan(3, $places[0] / $places[1], 'both grow in step');
        self::assertNull(LeastPlaces::of($stations, $both, 24, 1), 'a look, a walk and a look take 25 s');
    }

    public function testWaitingIsCounted(): void
    {
        $waiting = Waiting::at(Simulation::run([Station::of('Telescope', 1, ServiceTime::fixed(10))], [new Party('Class', Arrivals::atOnce(5, 0), [0])], self::random(1)), 0);
        self::assertSame([20.0, 40.0, 20.0, 40.0], [$waiting->meanS, $waiting->longestS, $waiting->quantileS(0.5), $waiting->quantileS(0.95)]);
        self::assertSame([4, 2, 0], [$waiting->queueAt(0), $waiting->queueAt(25), $waiting->queueAt(45)]);
        self::assertSame([0, 1, 5], [$waiting->endedBy(9), $waiting->endedBy(19), $waiting->endedBy(50)]);
        self::assertSame(2, $waiting->lookedBetween(5, 30));
        self::assertSame([0.0, 0.0, 0], [Waiting::at([], 0)->meanS, Waiting::at([], 0)->quantileS(0.9), Waiting::at([], 0)->queueAt(0)]);
    }

    /**
     * @param list<Station> $stations
     * @param array<int, int> $places
     * @param list<Party> $parties
     */
    private static function isDone(array $stations, array $places, array $parties, float $bySecond): bool
    {
        $visits = Simulation::run(array_map(static fn(Station $s, int $n): Station => $s->withPlaces($n), $stations, $places), $parties, self::random(1));

        return max(0.0, ...array_map(static fn(Visit $v): float => $v->endedS, $visits)) <= $bySecond;
    }

    private static function random(int $seed): Randomizer
    {
        return new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** Mean wait in a queue with Poisson arrivals and exponential service at c places. */
    private static function erlangC(int $c, float $perSecond, float $meanS): float
    {
        $load = $perSecond * $meanS;
        [$term, $sum] = [1.0, 0.0];
        for ($k = 0; $k < $c; ++$k) {
            $sum += $term;
            $term *= $load / ($k + 1);
        }
        $waits = $term * $c / ($c - $load);

        return $waits / ($sum + $waits) * $meanS / ($c - $load);
    }

    /** Mean wait with Poisson arrivals and any service at one place. */
    private static function pollaczekKhinchine(float $perSecond, ServiceTime $service): float
    {
        $load = $perSecond * $service->meanS;

        return $load * $service->meanS * (1 + $service->variation()) / 2 / (1 - $load);
    }
}
