<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use KeenShadow\Core\Audience\AudienceException;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** How long people waited at one station, and who of them got a look while it mattered. */
final readonly class Waiting
{
    /** @param list<Visit> $visits at the station */
    private function __construct(
        public array $visits,
        public float $meanS,
        public float $longestS,
    ) {}

    /**
     * @param list<Visit> $visits
     * @param int $station number of it
     */
    public static function at(array $visits, int $station): self
    {
        $here = array_values(array_filter($visits, static fn(Visit $v): bool => $v->station === $station));
        $waits = array_map(static fn(Visit $v): float => $v->waitS(), $here);

        return new self($here, $here === [] ? 0.0 : array_sum($waits) / count($here), max([0.0, ...$waits]));
    }

    /** So much of the people waited no longer, in seconds. */
    public function quantileS(float $share): float
    {
        $waits = array_map(static fn(Visit $v): float => $v->waitS(), $this->visits);
        sort($waits);

        return $waits === [] ? 0.0 : $waits[max(0, min(count($waits) - 1, (int) ceil($share * count($waits)) - 1))];
    }

    /** How many different people had a whole look between two moments. */
    public function lookedBetween(float $fromS, float $toS): int
    {
        return count(array_unique(array_map(static fn(Visit $v): int => $v->visitor, array_filter($this->visits, static fn(Visit $v): bool => $v->beganS >= $fromS && $v->endedS <= $toS))));
    }

    /** How many wait at a moment. */
    public function queueAt(float $s): int
    {
        return count(array_filter($this->visits, static fn(Visit $v): bool => $v->cameS <= $s && $v->beganS > $s));
    }

    /**
     * The least number of places at a station with which everybody has had a whole look by a moment, by trying.
     *
     * @param list<Station> $stations
     * @param list<Party> $parties
     *
     * @return int|null null where no number is enough
     *
     * @throws AudienceException
     */
    public static function leastPlaces(array $stations, int $station, array $parties, float $bySecond, int $seed): ?int
    {
        $goes = static function (int $places) use ($stations, $station, $parties, $bySecond, $seed): bool {
            $stations[$station] = $stations[$station]->withPlaces($places);
            foreach (Simulation::run(array_values($stations), $parties, new Randomizer(new Xoshiro256StarStar($seed))) as $visit) {
                if ($visit->endedS > $bySecond) {
                    return false;
                }
            }

            return true;
        };
        $people = array_sum(array_map(static fn(Party $party): int => in_array($station, $party->route, true) ? count($party->arrivals->timesS) : 0, $parties));
        [$low, $high] = [0, max(1, min($people, Station::MOST_PLACES))];
        if (!$goes($high)) {
            return null;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($goes($middle)) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high;
    }
}
