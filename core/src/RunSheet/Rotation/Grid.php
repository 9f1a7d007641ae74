<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/**
 * A problem counted in steps from its beginning, with whole numbers for stations, groups and helpers: what the search asks
 * for again and again.
 */
final readonly class Grid
{
    public int $steps;

    /** @var list<int> steps of one turn, by station */
    public array $length;

    /** @var list<list<int>> steps to walk from station to station */
    public array $walk;

    /** @var list<array<int, list<int>>> steps on which a turn of a group may begin, by group and station */
    public array $starts;

    /** @var list<array<int, bool>> whether a turn that begins then has a step of the best minutes, by station and start */
    public array $isInPeak;

    /** @var list<array<int, int>> how far its middle lies from the middle of the best minutes, in half minutes, by station and start */
    public array $distance;

    /** @var array<int, int> stations that are never alone and open, as far as there are helpers for them, by step as bits */
    public array $watched;

    public Staffing $staffing;

    public function __construct(public Problem $problem)
    {
        $step = $problem->stepMin;
        $this->steps = intdiv($problem->within->toMin - $problem->within->fromMin, $step);
        $this->length = array_map(static fn(Station $s): int => intdiv($s->minutes, $step), $problem->stations);
        $this->walk = array_map(static fn(Station $a): array => array_map(
            static fn(Station $b): int => $a === $b ? 0 : intdiv($problem->walk($a->id, $b->id) + $step - 1, $step),
            $problem->stations,
        ), $problem->stations);
        $this->staffing = new Staffing($problem, $this->steps);
        $this->watched = $this->steps === 0 ? [] : array_map($this->watchedAt(...), range(0, $this->steps - 1));
        $this->starts = array_map($this->startsOf(...), $problem->groups);
        $isInPeak = $distance = [];
        foreach ($problem->stations as $s => $station) {
            $isInPeak[$s] = $distance[$s] = [];
            for ($start = 0; $start + $this->length[$s] <= $this->steps; ++$start) {
                [$from, $to] = [$this->minute($start), $this->minute($start + $this->length[$s])];
                $isInPeak[$s][$start] = $problem->peak->commonMin($from, $to) >= $step;
                $distance[$s][$start] = abs($from + $to - $problem->peak->fromMin - $problem->peak->toMin);
            }
        }
        [$this->isInPeak, $this->distance] = [array_values($isInPeak), array_values($distance)];
    }

    public function minute(int $step): int
    {
        return $this->problem->within->fromMin + $step * $this->problem->stepMin;
    }

    /** @return array<int, list<int>> */
    private function startsOf(Group $group): array
    {
        $starts = [];
        foreach ($this->problem->stations as $s => $station) {
            if ($group->people > $station->capacity || !in_array($station->method, $group->methods, true)) {
                continue;
            }
            if ($station->needsGlasses() && $this->problem->fit !== null && $group->people > $this->problem->fit) {
                continue;
            }
            $possible = [];
            for ($start = 0; $start + $this->length[$s] <= $this->steps; ++$start) {
                [$from, $to] = [$this->minute($start), $this->minute($start + $this->length[$s])];
                if ($station->isOpen($from, $to) && Stretch::oneHas($group->free, $from, $to) && $this->isStaffable($s, $start)) {
                    $possible[] = $start;
                }
            }
            if ($possible !== []) {
                $starts[$s] = $possible;
            }
        }

        return $starts;
    }

    private function watchedAt(int $step): int
    {
        $watched = 0;
        foreach ($this->problem->stations as $s => $station) {
            $isWatched = $station->isNeverAlone && $station->isOpen($this->minute($step), $this->minute($step + 1)) && $this->staffing->isEnough($step, $watched | 1 << $s);
            $watched |= $isWatched ? 1 << $s : 0;
        }

        return $watched;
    }

    /** Whether there are helpers for a turn if there is no other at the time. */
    private function isStaffable(int $station, int $start): bool
    {
        for ($t = $start, $end = $start + $this->length[$station]; $t < $end; ++$t) {
            if (!$this->staffing->isEnough($t, 1 << $station)) {
                return false;
            }
        }

        return true;
    }
}
