<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

use Random\Randomizer;

/**
 * Sends helpers to stations that have people, step by step of the grid: who is there stays, a post that nobody is free for
 * takes a helper from others, which wait for one in their turn; posts that were hard to fill give theirs up last.
 */
final class Roster
{
    private Duty $duty;

    /** @var array<int, array<int, float>> how often a post was hard to fill, by station and step */
    private array $price = [];

    /** What is before this step is over. */
    private int $first = 0;

    public function __construct(private readonly Grid $grid, private readonly Randomizer $random)
    {
        $this->duty = new Duty($grid);
    }

    public function __clone()
    {
        $this->duty = clone $this->duty;
    }

    /**
     * Begins with helpers where they are.
     *
     * @param array<int, array<int, int>> $where station by helper and step
     * @param int $first what is before this step stays
     */
    public function begin(array $where, int $first): void
    {
        $this->duty->where = array_replace($this->duty->where, $where);
        $this->first = $first;
    }

    /**
     * Fills all posts, or as many as it can.
     *
     * @param array<int, int> $occupied stations with people by step, as bits
     * @param int $most tries at hard posts
     * @param int $looks counts what was looked at, a helper as some places of a timetable
     *
     * @return list<array{int, int}> station and step of posts for which nobody was found
     */
    public function cover(array $occupied, int $most, int &$looks): array
    {
        $waiting = $this->posts($occupied);
        $looks += intdiv(count($this->duty->where) * count($occupied), 4);
        [$fewest, $kept] = [$waiting, $this->duty->where];
        for ($tries = 0, $limit = $most + 4 * count($waiting); $waiting !== [] && $tries < $limit;) {
            $post = array_pop($waiting);
            [$helper, $out] = $this->choose($post, false);
            $looks += 6 * count($this->duty->where);
            if ($helper === null) {
                ++$tries;
                [$station, $step] = $post;
                $this->price[$station][$step] = ($this->price[$station][$step] ?? 1.0) + 1.0;
                [$helper, $out] = $this->choose($post, true);
            }
            if ($helper === null) {
                return [$post, ...$waiting];
            }
            foreach ($out as $t) {
                array_unshift($waiting, [$this->duty->where[$helper][$t], $t]);
                unset($this->duty->where[$helper][$t]);
            }
            $this->duty->where[$helper][$post[1]] = $post[0];
            $this->stay($helper, $post, $waiting);
            if (count($waiting) < count($fewest)) {
                [$fewest, $kept] = [$waiting, $this->duty->where];
            }
        }
        if ($waiting !== []) {
            $this->duty->where = $kept;
        }

        return $waiting === [] ? [] : $fewest;
    }

    /**
     * Takes change-overs out, where that can be done.
     *
     * @param array<int, int> $occupied
     *
     * @return int change-overs that are left
     */
    public function smooth(array $occupied): int
    {
        return (new Handovers($this->duty, $occupied))->reduce();
    }

    /** @return list<Post> */
    public function answer(): array
    {
        $posts = [];
        foreach ($this->duty->where as $h => $where) {
            ksort($where);
            $helper = $this->grid->problem->crew[$h];
            $open = null;
            foreach ($where as $t => $station) {
                [$from, $to] = [$this->grid->minute($t), $this->grid->minute($t + 1)];
                $id = $this->grid->problem->stations[$station]->id;
                $isOneStretch = $open !== null && Stretch::oneHas($helper->free, $open->startMin, $to);
                if ($open !== null && (!$isOneStretch || $open->station !== $id || $open->endMin !== $from)) {
                    $posts[] = $open;
                    $open = null;
                }
                $open = new Post($helper->id, $id, $open->startMin ?? $from, $to);
            }
            if ($open !== null) {
                $posts[] = $open;
            }
        }

        return $posts;
    }

    /**
     * Takes out what is no longer wanted.
     *
     * @param array<int, int> $occupied
     *
     * @return list<array{int, int}> what is still wanted, the first of the day last
     */
    private function posts(array $occupied): array
    {
        $there = [];
        foreach ($this->duty->where as $h => $where) {
            foreach ($where as $t => $station) {
                if ($t >= $this->first && ($occupied[$t] >> $station & 1) === 0) {
                    unset($this->duty->where[$h][$t]);
                } else {
                    $there[$station][$t] = ($there[$station][$t] ?? 0) + 1;
                }
            }
        }
        $waiting = [];
        for ($t = count($occupied) - 1; $t >= $this->first; --$t) {
            foreach ($this->grid->staffing->wanted as $station => $wanted) {
                for ($i = ($occupied[$t] >> $station & 1) === 1 ? $wanted - ($there[$station][$t] ?? 0) : 0; $i > 0; --$i) {
                    $waiting[] = [$station, $t];
                }
            }
        }

        return $waiting;
    }

    /**
     * Who fills a post: who is at the station already, then who has the fewest other uses.
     *
     * @param array{int, int} $post station and step
     * @param bool $mayTake whether other posts may be given up for it
     *
     * @return array{int|null, list<int>} the helper, and their steps that have to go
     */
    private function choose(array $post, bool $mayTake): array
    {
        [$station, $step] = $post;
        [$best, $least, $out] = [null, INF, []];
        foreach ($this->duty->where as $h => $where) {
            if (($where[$step] ?? null) === $station || !$this->duty->maySend($h, $station, $step)) {
                continue;
            }
            $cost = $this->random->getInt(0, 99) / 1000 - (($where[$step - 1] ?? null) === $station ? 0.6 : 0.0) - (($where[$step + 1] ?? null) === $station ? 0.5 : 0.0)
                + 0.02 * $this->uses($h);
            if ($cost >= $least) {
                continue;
            }
            foreach ($this->duty->against($h, $station, $step) as $steps) {
                if (!$mayTake && $steps !== [] || $steps !== [] && min($steps) < $this->first) {
                    continue;
                }
                $sum = $cost;
                foreach ($steps as $t) {
                    $sum += $this->price[$where[$t]][$t] ?? 1.0;
                }
                if ($sum < $least) {
                    [$best, $least, $out] = [$h, $sum, $steps];
                }
            }
        }

        return [$best, $out];
    }

    /**
     * Lets a helper stay as long as the next post that waits is the same one a step later.
     *
     * @param array{int, int} $post station and step
     * @param list<array{int, int}> $waiting
     */
    private function stay(int $helper, array $post, array &$waiting): void
    {
        [$station, $step] = $post;
        for ($i = count($waiting) - 1; $i >= 0 && $waiting[$i][1] <= $step + 1; --$i) {
            if ($waiting[$i] === [$station, $step + 1]) {
                if (isset($this->duty->where[$helper][$step + 1]) || !$this->duty->maySend($helper, $station, $step + 1) || $this->duty->against($helper, $station, $step + 1) !== [[]]) {
                    return;
                }
                $this->duty->where[$helper][++$step] = $station;
                array_splice($waiting, $i, 1);
                $i = count($waiting);
            }
        }
    }

    /** Stations at which a helper is of use. */
    private function uses(int $helper): int
    {
        return substr_count(decbin($this->grid->staffing->trainedFor[$helper]), '1');
    }
}
