<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use KeenShadow\Core\Audience\AudienceException;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * With how many places at each station everybody has had a whole look at all of theirs by a moment, found by playing it
 * through: first all stations grow in step with the work they have, then each is cut back as far as it goes.
 */
final readonly class LeastPlaces
{
    /**
     * @param list<Station> $stations
     * @param list<Party> $parties
     */
    private function __construct(
        private array $stations,
        private array $parties,
        private float $bySecond,
        private int $seed,
    ) {}

    /**
     * @param list<Station> $stations
     * @param list<Party> $parties
     *
     * @return list<int>|null of each station; null where no number is enough
     *
     * @throws AudienceException
     */
    public static function of(array $stations, array $parties, float $bySecond, int $seed): ?array
    {
        $search = new self($stations, $parties, $bySecond, $seed);
        $people = array_map($search->peopleAt(...), array_keys($stations));
        $most = array_map(static fn(int $n): int => max(1, min($n, Station::MOST_PLACES)), $people);
        if (!$search->isEnough($most)) {
            return null;
        }
        // Work in place-seconds over the time there is: fewer cannot do it.
        $load = array_map(static fn(int $n, Station $s): float => $n * ($s->service->meanS + $s->handOverS) / max(1.0, $bySecond), $people, $stations);
        $grown = static fn(int $step): array => array_map(static fn(float $l, int $m): int => max(1, min($m, (int) ceil($l * 1.25 ** $step))), $load, $most);
        $step = 0;
        $places = $grown($step);
        while ($places !== $most && !$search->isEnough($places)) {
            $places = $grown(++$step);
        }
        foreach (array_keys($places) as $station) {
            $places = $search->cutBack($places, $station);
        }

        return $places;
    }

    /**
     * @param list<int> $places with which it is enough
     *
     * @return list<int> the same with as few as go at one station
     */
    private function cutBack(array $places, int $station): array
    {
        [$low, $high] = [0, $places[$station]];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($this->isEnough(array_values(array_replace($places, [$station => $middle])))) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }
        $places[$station] = $high;

        return array_values($places);
    }

    /** @param list<int> $places */
    private function isEnough(array $places): bool
    {
        $stations = array_map(static fn(Station $s, int $n): Station => $s->withPlaces($n), $this->stations, $places);
        foreach (Simulation::run($stations, $this->parties, new Randomizer(new Xoshiro256StarStar($this->seed))) as $visit) {
            if ($visit->endedS > $this->bySecond) {
                return false;
            }
        }

        return true;
    }

    private function peopleAt(int $station): int
    {
        return array_sum(array_map(static fn(Party $party): int => in_array($station, $party->route, true) ? count($party->arrivals->timesS) : 0, $this->parties));
    }
}
