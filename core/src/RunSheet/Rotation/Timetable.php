<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/**
 * Turns on a grid while a rotation is looked for: which wish stands where, and what would have to give way to another. A
 * wish is one turn of one group. Only what keeps all rules (ways and rests of helpers apart) is ever placed.
 */
final class Timetable
{
    /** @var list<int> group of each wish */
    public readonly array $groupOf;

    /** @var array<int, list<int>> wishes of each group */
    public readonly array $wishesOf;

    /** @var array<int, array{int, int}> station and first step, of wishes that are placed */
    public array $placed = [];

    /** @var array<int, array<int, array<int, int>>> people by station, step and wish */
    private array $at;

    /** @var array<int, array<int, int>> people by station and step */
    private array $load;

    /** @var array<int, int> people with glasses by step */
    private array $glasses;

    /** @var array<int, int> stations that want their helpers by step, as bits: those with people, and those that are never alone */
    public array $occupied;

    /** @var array<int, int> stations that are never alone, by step while they are open, as bits */
    private array $watched;

    public function __construct(public readonly Grid $grid)
    {
        $groupOf = $wishesOf = [];
        foreach ($grid->problem->groups as $g => $group) {
            // Turns are at different stations, so nobody can have more of them than there are stations.
            $wishesOf[$g] = [];
            for ($i = 0; $i < min($group->turns, count($grid->starts[$g])); ++$i) {
                $wishesOf[$g][] = count($groupOf);
                $groupOf[] = $g;
            }
        }
        [$this->groupOf, $this->wishesOf] = [$groupOf, $wishesOf];
        $this->at = $this->load = [];
        foreach ($grid->problem->stations as $s => $station) {
            $this->at[$s] = array_fill(0, max(1, $grid->steps), []);
            $this->load[$s] = array_fill(0, max(1, $grid->steps), 0);
        }
        $this->glasses = array_fill(0, max(1, $grid->steps), 0);
        $this->occupied = $this->watched = $grid->watched + $this->glasses;
    }

    /** @return list<int> wishes at a station at a step */
    public function wishesAt(int $station, int $step): array
    {
        return array_keys($this->at[$station][$step]);
    }

    /** Nobody is found who stays with a station while no group is there. */
    public function leaveAlone(int $station, int $step): void
    {
        $this->watched[$step] &= ~(1 << $station);
        $this->occupied[$step] &= $this->at[$station][$step] === [] ? ~(1 << $station) : ~0;
    }

    public function place(int $wish, int $station, int $start): void
    {
        $people = $this->grid->problem->groups[$this->groupOf[$wish]]->people;
        $isGlasses = $this->grid->problem->stations[$station]->needsGlasses();
        $this->placed[$wish] = [$station, $start];
        for ($t = $start, $end = $start + $this->grid->length[$station]; $t < $end; ++$t) {
            $this->at[$station][$t][$wish] = $people;
            $this->load[$station][$t] += $people;
            $this->glasses[$t] += $isGlasses ? $people : 0;
            $this->occupied[$t] |= 1 << $station;
        }
    }

    public function remove(int $wish): void
    {
        [$station, $start] = $this->placed[$wish];
        $people = $this->grid->problem->groups[$this->groupOf[$wish]]->people;
        $isGlasses = $this->grid->problem->stations[$station]->needsGlasses();
        unset($this->placed[$wish]);
        for ($t = $start, $end = $start + $this->grid->length[$station]; $t < $end; ++$t) {
            unset($this->at[$station][$t][$wish]);
            $this->load[$station][$t] -= $people;
            $this->glasses[$t] -= $isGlasses ? $people : 0;
            if ($this->at[$station][$t] === []) {
                $this->occupied[$t] = $this->occupied[$t] & ~(1 << $station) | $this->watched[$t] & 1 << $station;
            }
        }
    }

    /** Whether nothing would have to give way. */
    public function isFree(int $wish, int $station, int $start): bool
    {
        $problem = $this->grid->problem;
        $g = $this->groupOf[$wish];
        $end = $start + $this->grid->length[$station];
        foreach ($this->wishesOf[$g] as $own) {
            if ($own !== $wish && isset($this->placed[$own]) && $this->areApart($this->placed[$own], $station, $start, $end) === false) {
                return false;
            }
        }
        $room = $problem->stations[$station]->capacity - $problem->groups[$g]->people;
        $pairs = $problem->stations[$station]->needsGlasses() && $problem->fit !== null ? $problem->fit - $problem->groups[$g]->people : PHP_INT_MAX;
        $bit = 1 << $station;
        for ($t = $start; $t < $end; ++$t) {
            if ($this->load[$station][$t] > $room || $this->glasses[$t] > $pairs) {
                return false;
            }
            if (($this->occupied[$t] & $bit) === 0 && !$this->grid->staffing->isEnough($t, $this->occupied[$t] | $bit)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What would have to give way; null where nothing that does would help, or where it would cost as much as is known already.
     *
     * @param array<int, float> $price of taking a wish away
     *
     * @return array<int, true>|null wishes
     */
    public function blockers(int $wish, int $station, int $start, array $price, float $most): ?array
    {
        $end = $start + $this->grid->length[$station];
        $out = [];
        foreach ($this->wishesOf[$this->groupOf[$wish]] as $own) {
            if ($own !== $wish && isset($this->placed[$own]) && $this->areApart($this->placed[$own], $station, $start, $end) === false) {
                $out[$own] = true;
            }
        }
        $problem = $this->grid->problem;
        $people = $problem->groups[$this->groupOf[$wish]]->people;
        $room = $problem->stations[$station]->capacity - $people;
        $pairs = $problem->stations[$station]->needsGlasses() && $problem->fit !== null ? $problem->fit - $people : PHP_INT_MAX;
        for ($t = $start; $t < $end; ++$t) {
            if ($this->load[$station][$t] > $room) {
                $this->makeRoom($this->at[$station][$t], $this->load[$station][$t] - $room, $price, $out);
            }
            if ($this->glasses[$t] > $pairs) {
                $this->makeRoom($this->withGlasses($t), $this->glasses[$t] - $pairs, $price, $out);
            }
            if (!$this->freeHelpers($t, $station, $price, $out)) {
                return null;
            }
            $cost = 0.0;
            foreach ($out as $other => $_) {
                $cost += $price[$other];
            }
            if ($cost >= $most) {
                return null;
            }
        }

        return $out;
    }

    /**
     * Whether two turns of one group are at different stations with the way between them.
     *
     * @param array{int, int} $other station and first step
     */
    private function areApart(array $other, int $station, int $start, int $end): bool
    {
        [$s, $from] = $other;
        $walk = $this->grid->walk[$s][$station];

        return $s !== $station && ($from + $this->grid->length[$s] + $walk <= $start || $end + $walk <= $from);
    }

    /**
     * @param array<int, int> $there people by wish
     * @param array<int, float> $price
     * @param array<int, true> $out is added to
     */
    private function makeRoom(array $there, int $over, array $price, array &$out): void
    {
        $cheapest = [];
        foreach ($there as $other => $people) {
            if (isset($out[$other])) {
                $over -= $people;
            } else {
                $cheapest[$other] = $price[$other] / max(1, min($people, $over));
            }
        }
        asort($cheapest);
        foreach ($cheapest as $other => $_) {
            if ($over <= 0) {
                break;
            }
            $out[$other] = true;
            $over -= $there[$other];
        }
    }

    /** @return array<int, int> people by wish */
    private function withGlasses(int $step): array
    {
        $there = [];
        foreach ($this->grid->problem->stations as $s => $station) {
            $there += $station->needsGlasses() ? $this->at[$s][$step] : [];
        }

        return $there;
    }

    /**
     * Empties other stations until there are helpers for this one.
     *
     * @param array<int, float> $price
     * @param array<int, true> $out is added to
     */
    private function freeHelpers(int $step, int $station, array $price, array &$out): bool
    {
        $stations = $this->occupied[$step] | 1 << $station;
        while (!$this->grid->staffing->isEnough($step, $stations)) {
            [$best, $least] = [null, INF];
            foreach ($this->at as $s => $steps) {
                if ($s === $station || ($stations >> $s & 1) === 0 || ($this->watched[$step] >> $s & 1) === 1) {
                    continue;
                }
                $cost = $this->grid->staffing->wanted[$s] === 0 ? INF : 0.0;
                foreach ($steps[$step] as $other => $_) {
                    $cost += isset($out[$other]) ? 0.0 : $price[$other];
                }
                $cost -= $this->grid->staffing->isEnough($step, $stations & ~(1 << $s)) ? 1e-6 : 0.0;
                if ($cost < $least) {
                    [$best, $least] = [$s, $cost];
                }
            }
            if ($best === null) {
                return false;
            }
            $stations &= ~(1 << $best);
            $out += array_fill_keys(array_keys($this->at[$best][$step]), true);
        }

        return true;
    }
}
