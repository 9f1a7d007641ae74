<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/**
 * Helpers on a grid: who is where at each step, and which of their steps would have to go for another, so that they walk
 * from station to station, and rest.
 */
final class Duty
{
    /** @var array<int, array<int, int>> station by helper and step */
    public array $where = [];

    /** @var list<int> steps after which a new stretch of duty begins */
    private readonly array $rest;

    /** @var list<int> steps that a stretch of duty may last */
    private readonly array $longest;

    /** @var list<int> steps of the longest way from a station */
    private readonly array $farthest;

    public function __construct(public readonly Grid $grid)
    {
        $this->farthest = array_map(static fn(array $walk): int => max(0, ...$walk), $grid->walk);
        $step = $grid->problem->stepMin;
        $this->rest = array_map(static fn(Helper $h): int => max(1, intdiv($h->restMin + $step - 1, $step)), $grid->problem->crew);
        $this->longest = array_map(static fn(Helper $h): int => $h->longestMin === null ? PHP_INT_MAX : intdiv($h->longestMin, $step), $grid->problem->crew);
        foreach (array_keys($grid->problem->crew) as $h) {
            $this->where[$h] = [];
        }
    }

    /** Whether where helpers were before and will be after matters at all. */
    public static function isCoupled(Problem $problem): bool
    {
        $staffed = array_filter($problem->stations, static fn(Station $s): bool => $s->crew > 0);
        $isLimited = array_filter($problem->crew, static fn(Helper $h): bool => $h->longestMin !== null) !== [];
        foreach ($staffed as $a) {
            foreach ($staffed as $b) {
                $isLimited = $isLimited || $a !== $b && $problem->walk($a->id, $b->id) > 0;
            }
        }

        return $isLimited;
    }

    public function maySend(int $helper, int $station, int $step): bool
    {
        return $this->grid->staffing->isThere[$helper][$step] && ($this->grid->staffing->trainedFor[$helper] >> $station & 1) === 1 && $this->longest[$helper] > 0;
    }

    /**
     * Steps of theirs that have to go before a helper can be at a station at a step; more than one way to break a stretch
     * that becomes too long is possible.
     *
     * @return list<list<int>> one list for each way, none of them empty unless nothing stands against it
     */
    public function against(int $helper, int $station, int $step): array
    {
        $where = $this->where[$helper];
        $out = isset($where[$step]) ? [$step] : [];
        for ($t = $step - $this->farthest[$station], $end = $step + $this->farthest[$station]; $t <= $end; ++$t) {
            if (isset($where[$t]) && $t !== $step && abs($t - $step) <= $this->grid->walk[$where[$t]][$station]) {
                $out[] = $t;
            }
        }
        if ($this->longest[$helper] === PHP_INT_MAX) {
            return [$out];
        }
        $left = $where;
        foreach ($out as $t) {
            unset($left[$t]);
        }
        [$from, $to] = $this->stretch($left, $step, $this->rest[$helper]);
        if ($to - $from < $this->longest[$helper]) {
            return [$out];
        }

        return array_map(static fn(array $more): array => [...$out, ...$more], $this->breaks($helper, $left, $step, $from, $to));
    }

    /**
     * What matters to a helper at a step of what lies behind them: the last station and how long ago it was, and how long the
     * stretch of duty lasts that they may still be in. Empty where nothing does.
     *
     * @return list<int>
     */
    public function behind(int $helper, int $step): array
    {
        $row = $this->where[$helper];
        $last = $row === [] ? null : max(array_keys($row));
        $ago = $last === null ? PHP_INT_MAX : $step - $last;
        if ($last === null || $ago > max($this->rest[$helper], $this->farthest[$row[$last]])) {
            return [];
        }
        $isLimited = $this->longest[$helper] !== PHP_INT_MAX && $ago <= $this->rest[$helper];

        return [$row[$last], $ago, $isLimited ? $step - $this->stretch($row, $last, $this->rest[$helper])[0] : 0];
    }

    /**
     * Whether a helper could do all this.
     *
     * @param array<int, int> $row station by step
     */
    public function isPossible(int $helper, array $row): bool
    {
        ksort($row);
        [$last, $began] = [null, 0];
        foreach ($row as $t => $station) {
            if (!$this->maySend($helper, $station, $t) || $last !== null && $t - $last <= $this->grid->walk[$row[$last]][$station]) {
                return false;
            }
            $began = $last === null || $t - $last > $this->rest[$helper] ? $t : $began;
            $last = $t;
            if ($t - $began >= $this->longest[$helper]) {
                return false;
            }
        }

        return true;
    }

    /**
     * The stretch of duty that a step would belong to.
     *
     * @param array<int, int> $where station by step
     *
     * @return array{int, int} its first and last step
     */
    private function stretch(array $where, int $step, int $rest): array
    {
        $edges = [];
        foreach ([-1, 1] as $way) {
            $edge = $step;
            for ($t = $step + $way; abs($t - $edge) <= $rest; $t += $way) {
                $edge = isset($where[$t]) ? $t : $edge;
            }
            $edges[] = $edge;
        }

        return [$edges[0], $edges[1]];
    }

    /**
     * Ways to make rests before or after a step, so that its stretch is not too long.
     *
     * @param array<int, int> $where
     *
     * @return list<list<int>>
     */
    private function breaks(int $helper, array $where, int $step, int $from, int $to): array
    {
        [$longest, $rest] = [$this->longest[$helper], $this->rest[$helper]];
        $ways = [];
        foreach ([max($from, $to - $longest + 1), max($from, $step - intdiv($longest, 2)), max($from, $step - $longest + 1), $step] as $first) {
            if ($first <= $step) {
                $last = min($to, $first + $longest - 1);
                $ways["{$first} {$last}"] = [
                    ...($first > $from ? self::between($where, $first - $rest, $first - 1) : []),
                    ...($last < $to ? self::between($where, $last + 1, $last + $rest) : []),
                ];
            }
        }

        return array_values($ways);
    }

    /**
     * @param array<int, int> $where
     *
     * @return list<int>
     */
    private static function between(array $where, int $from, int $to): array
    {
        $steps = [];
        for ($t = $from; $t <= $to; ++$t) {
            if (isset($where[$t])) {
                $steps[] = $t;
            }
        }

        return $steps;
    }
}
