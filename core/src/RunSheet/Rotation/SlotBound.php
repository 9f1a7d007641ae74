<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/**
 * Shows without a search that some groups cannot all have their turns: as many as must be had at some stations, within the
 * time these groups have, do not follow each other there often enough. Turns of one length of which at most n are at once
 * are at most n times as many as can follow one another (the intervals can be coloured with n colours).
 */
final readonly class SlotBound
{
    /** So many stations have no more than a thousand sets that helpers could be enough for. */
    private const MOST_STATIONS = 10;

    public function __construct(private Grid $grid) {}

    /** Whether it is shown that not all can have their turns; otherwise nothing is known. */
    public function isImpossible(): bool
    {
        $groups = $this->grid->problem->groups;
        foreach ($groups as $g => $group) {
            if (count($this->grid->starts[$g]) < $group->turns) {
                return true;
            }
        }
        foreach ($this->sets() as $stations) {
            $forced = array_filter(array_map(fn(int $g): int => $groups[$g]->turns - count(array_diff_key($this->grid->starts[$g], $stations)), array_keys($groups)), static fn(int $n): bool => $n > 0);
            foreach ($this->choices($forced, $stations) as $chosen) {
                if (array_sum($chosen) > $this->most($chosen, $stations)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<array<int, true>> sets of stations that are looked at */
    private function sets(): array
    {
        $stations = $this->grid->problem->stations;
        $sets = array_map(static fn(int $s): array => [$s => true], array_keys($stations));
        foreach ($this->grid->starts as $starts) {
            $sets[] = array_fill_keys(array_keys($starts), true);
        }
        $sets[] = array_fill_keys(array_keys(array_filter($stations, static fn(Station $s): bool => $s->needsGlasses())), true);
        $sets[] = array_fill_keys(array_keys(array_filter($stations, static fn(Station $s): bool => $s->crew > 0)), true);
        $sets[] = array_fill_keys(array_keys($stations), true);

        return array_values(array_unique($sets, SORT_REGULAR));
    }

    /**
     * Groups that are looked at together: the largest ones, and those that have only a part of the time.
     *
     * @param array<int, int> $forced turns that each group must have at the stations
     * @param array<int, true> $stations
     *
     * @return iterable<array<int, int>>
     */
    private function choices(array $forced, array $stations): iterable
    {
        uksort($forced, fn(int $a, int $b): int => $this->grid->problem->groups[$b]->people <=> $this->grid->problem->groups[$a]->people);
        for ($n = count($forced); $n > 1; --$n) {
            yield array_slice($forced, 0, $n, true);
        }
        $times = [];
        foreach (array_keys($forced) as $g) {
            // Starts are in order, and none is a list without any.
            $own = array_intersect_key($this->grid->starts[$g], $stations);
            $times[$g] = [min([PHP_INT_MAX, ...array_column($own, 0)]), max([0, ...array_map(static fn(array $starts): int => $starts[count($starts) - 1], $own)])];
        }
        foreach (array_unique(array_column($times, 0)) as $from) {
            foreach (array_unique(array_column($times, 1)) as $to) {
                $inside = array_filter($forced, static fn(int $g): bool => $times[$g][0] >= $from && $times[$g][1] <= $to, ARRAY_FILTER_USE_KEY);
                if (count($inside) > 1 && count($inside) < count($forced)) {
                    yield $inside;
                }
            }
        }
    }

    /**
     * More turns than these there cannot be.
     *
     * @param array<int, int> $chosen by group
     * @param array<int, true> $stations
     */
    private function most(array $chosen, array $stations): int
    {
        $people = array_map(fn(int $g): int => $this->grid->problem->groups[$g]->people, array_keys($chosen));
        sort($people);
        $atOnce = $slots = $all = [];
        foreach (array_keys($stations) as $s) {
            $starts = [];
            foreach (array_keys($chosen) as $g) {
                $starts += array_flip($this->grid->starts[$g][$s] ?? []);
            }
            $all += $starts;
            $atOnce[$s] = self::atOnce($people, $this->grid->problem->stations[$s]->capacity);
            $slots[$s] = $atOnce[$s] * self::following(array_keys($starts), $this->grid->length[$s]);
        }
        $shortest = min([$this->grid->steps, ...array_map(fn(int $s): int => $this->grid->length[$s], array_keys($stations))]);
        $together = self::following(array_keys($all), $shortest);
        $fit = $this->grid->problem->fit;
        $isGlasses = array_filter(array_keys($stations), fn(int $s): bool => !$this->grid->problem->stations[$s]->needsGlasses()) === [];

        return min(
            array_sum($slots),
            $isGlasses && $fit !== null ? self::atOnce($people, $fit) * $together : PHP_INT_MAX,
            count($stations) <= self::MOST_STATIONS ? $this->staffed($atOnce) * $together : PHP_INT_MAX,
        );
    }

    /** @param list<int> $people from the smallest group on */
    private static function atOnce(array $people, int $capacity): int
    {
        $n = 0;
        foreach ($people as $some) {
            $capacity -= $some;
            $n += $capacity >= 0 ? 1 : 0;
        }

        return $n;
    }

    /**
     * How many turns of one length can follow one another.
     *
     * @param list<int> $starts
     */
    private static function following(array $starts, int $length): int
    {
        sort($starts);
        [$n, $free] = [0, PHP_INT_MIN];
        foreach ($starts as $start) {
            if ($start >= $free) {
                ++$n;
                $free = $start + $length;
            }
        }

        return $n;
    }

    /**
     * How many groups are at once at stations for which there are helpers, at the best of times.
     *
     * @param array<int, int> $atOnce groups by station
     */
    private function staffed(array $atOnce): int
    {
        $sums = [0 => 0];
        foreach ($atOnce as $s => $n) {
            foreach ($sums as $set => $sum) {
                $sums[$set | 1 << $s] = $sum + $n;
            }
        }
        arsort($sums);
        foreach ($sums as $set => $sum) {
            for ($t = 0; $t < $this->grid->steps; ++$t) {
                if ($this->grid->staffing->isEnough($t, $set)) {
                    return $sum;
                }
            }
        }

        return 0;
    }
}
