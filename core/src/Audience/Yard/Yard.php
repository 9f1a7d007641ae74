<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Yard;

use KeenShadow\Core\Audience\AudienceException;
use KeenShadow\Core\Audience\Crowd\LeastPlaces;
use KeenShadow\Core\Audience\Crowd\Party;
use KeenShadow\Core\Audience\Crowd\Simulation;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\Crowd\Visit;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Geometry\PlanPoint;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * The stations of an event, where each stands, and the groups that go from one to the next in the order of the methods; each
 * group comes to where people wait. What is not on the plan is reached at once.
 */
final readonly class Yard
{
    /** Children, and people who look around (own judgement). */
    public const WALK_M_S = 1.0;

    /** @var list<Station> */
    public array $stations;
    /** @var list<Party> */
    public array $parties;

    /**
     * @param array<string, Station> $byMethod by the method's value
     * @param array<string, PlanPoint> $at where they stand, as far as it is known
     * @param PlanPoint|null $entrance where people come to
     * @param list<Attendance> $attendances
     * @param float $bestS the best moment, in seconds from the begin
     * @param int $seed of all that happens by chance
     *
     * @throws AudienceException
     */
    public function __construct(
        array $byMethod,
        private array $at,
        private ?PlanPoint $entrance,
        array $attendances,
        float $bestS,
        private int $seed,
    ) {
        $this->stations = array_values($byMethod);
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $methods = array_keys($byMethod);
        $parties = [];
        foreach ($attendances as $attendance) {
            foreach ([true, false] as $sees) {
                $route = array_values(array_filter($methods, static fn(string $m): bool => (Method::from($m) !== Method::PhaseStrip) === $sees && $attendance->peopleAt(Method::from($m)) > 0));
                if ($route !== []) {
                    $parties[] = new Party(
                        $attendance->name,
                        $attendance->coming->arrivals($attendance->peopleAt(Method::from($route[0])), $bestS, $random, $attendance->aheadMin === null ? null : 60 * $attendance->aheadMin),
                        array_map(static fn(string $m): int => (int) array_search($m, $methods, true), $route),
                        $this->walksS($route),
                        $attendance->goesFirst ? 0 : 1,
                    );
                }
            }
        }
        $this->parties = $parties;
    }

    /** @return list<Visit> */
    public function play(): array
    {
        return Simulation::run($this->stations, $this->parties, new Randomizer(new Xoshiro256StarStar($this->seed)));
    }

    /**
     * @return list<int>|null places at each station with which everybody has had all their looks by a moment; null where no number is enough
     *
     * @throws AudienceException
     */
    public function leastPlaces(float $bySecond): ?array
    {
        return LeastPlaces::of($this->stations, $this->parties, $bySecond, $this->seed);
    }

    /** How many of a group go to any station. */
    public function peopleOf(string $group): int
    {
        return array_sum(array_map(static fn(Party $p): int => $p->name === $group ? count($p->arrivals->timesS) : 0, $this->parties));
    }

    /**
     * @param list<Visit> $visits
     *
     * @return array<string, int> by group, who have had a whole look at all their stations by a moment
     */
    public function doneBy(array $visits, float $bySecond): array
    {
        $looks = [];
        foreach ($visits as $visit) {
            $looks[$visit->party][$visit->visitor] = ($looks[$visit->party][$visit->visitor] ?? 0) + ($visit->endedS <= $bySecond ? 1 : 0);
        }
        $done = [];
        foreach ($this->parties as $number => $party) {
            $all = count($party->route);
            $done[$party->name] = ($done[$party->name] ?? 0) + count(array_filter($looks[$number] ?? [], static fn(int $n): bool => $n === $all));
        }

        return $done;
    }

    /**
     * @param list<string> $route
     *
     * @return list<float> as the crow flies
     */
    private function walksS(array $route): array
    {
        $from = $this->entrance;
        $walks = [];
        foreach ($route as $method) {
            $to = $this->at[$method] ?? null;
            $walks[] = $from === null || $to === null ? 0.0 : $from->distanceM($to) / self::WALK_M_S;
            $from = $to ?? $from;
        }

        return $walks;
    }
}
