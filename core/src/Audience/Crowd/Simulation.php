<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use Random\Randomizer;
use SplMinHeap;

/**
 * A crowd at stations, from event to event: somebody comes, somebody is done. One queue to a station, first come first
 * served within a priority, nobody interrupted, nobody leaves (Law, Simulation Modeling and Analysis, ch. 1).
 */
final class Simulation
{
    private const COMES = 0;
    private const IS_FREE = 1;

    /** @var SplMinHeap<array{float, int, int, int, int}> time, order, what, visitor or station, place */
    private SplMinHeap $events;
    /** @var list<SplMinHeap<array{int, float, int, int}>> by station: priority, since when, order, visitor */
    private array $queues = [];
    /** @var list<list<int>> by station: places that are free */
    private array $free = [];
    /** @var list<array{int, int}> by visitor: party, step of its route */
    private array $visitors = [];
    /** @var list<Visit> */
    private array $visits = [];
    private int $order = 0;

    /**
     * @param list<Station> $stations
     * @param list<Party> $parties
     */
    private function __construct(
        private readonly array $stations,
        private readonly array $parties,
        private readonly Randomizer $random,
    ) {
        $this->events = new SplMinHeap();
        foreach ($stations as $station) {
            /** @var SplMinHeap<array{int, float, int, int}> $queue */
            $queue = new SplMinHeap();
            $this->queues[] = $queue;
            $this->free[] = range($station->places - 1, 0);
        }
    }

    /**
     * @param list<Station> $stations
     * @param list<Party> $parties
     *
     * @return list<Visit> in the order in which they begin
     */
    public static function run(array $stations, array $parties, Randomizer $random): array
    {
        return (new self($stations, $parties, $random))->visits();
    }

    /** @return list<Visit> */
    private function visits(): array
    {
        foreach ($this->parties as $number => $party) {
            foreach ($party->arrivals->timesS as $time) {
                $this->visitors[] = [$number, -1];
                $this->goOn(count($this->visitors) - 1, $time);
            }
        }
        $touched = [];
        while (!$this->events->isEmpty()) {
            [$now, , $what, $who, $place] = $this->events->extract();
            if ($what === self::COMES) {
                [$party, $step] = $this->visitors[$who];
                $station = $this->parties[$party]->route[$step];
                $this->queues[$station]->insert([$this->parties[$party]->priority, $now, $this->order++, $who]);
            } else {
                $station = $who;
                $this->free[$station][] = $place;
            }
            $touched[$station] = true;
            // Of those who come in one moment it is not the first in the list who goes first.
            if ($this->events->isEmpty() || $this->events->top()[0] > $now) {
                foreach (array_keys($touched) as $number) {
                    $this->begin($number, $now);
                }
                $touched = [];
            }
        }

        return $this->visits;
    }

    /** On to the next station of one's route, if there is one. */
    private function goOn(int $visitor, float $now): void
    {
        [$party, $step] = $this->visitors[$visitor];
        if (isset($this->parties[$party]->route[$step + 1])) {
            $this->visitors[$visitor][1] = $step + 1;
            $this->events->insert([$now + ($this->parties[$party]->walksS[$step + 1] ?? 0.0), $this->order++, self::COMES, $visitor, 0]);
        }
    }

    /** Whoever waits longest takes the place that is free. */
    private function begin(int $number, float $now): void
    {
        $station = $this->stations[$number];
        while ($this->free[$number] !== [] && !$this->queues[$number]->isEmpty()) {
            [, $came, , $visitor] = $this->queues[$number]->extract();
            $place = array_pop($this->free[$number]);
            $ends = $now + $station->service->draw($this->random);
            $this->visits[] = new Visit($this->visitors[$visitor][0], $visitor, $number, $place, $came, $now, $ends);
            $this->events->insert([$ends + $station->handOverS, $this->order++, self::IS_FREE, $number, $place]);
            $this->goOn($visitor, $ends);
        }
    }
}
