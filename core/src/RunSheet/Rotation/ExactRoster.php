<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** Whether helpers can be found for stations with people, by trying everything, post after post from the first of the day on. */
final class ExactRoster
{
    private readonly Duty $duty;

    /** @var array<string, true> what helpers had behind them at a step from which no way leads on */
    private array $dead = [];

    /** @var list<array{int, int}> station and step of each post, in the order of the day */
    private array $posts = [];

    public function __construct(private readonly Grid $grid)
    {
        $this->duty = new Duty($grid);
    }

    /**
     * @param array<int, int> $occupied stations with people by step, as bits
     * @param int $looks is counted up
     *
     * @return bool|null null where so many looks were not enough to tell
     */
    public function isPossible(array $occupied, int &$looks, int $most): ?bool
    {
        foreach ($occupied as $t => $stations) {
            foreach ($this->grid->staffing->wanted as $s => $wanted) {
                if (($stations >> $s & 1) === 1) {
                    array_push($this->posts, ...array_fill(0, $wanted, [$s, $t]));
                }
            }
        }

        return $this->fill(0, -1, $looks, $most);
    }

    /** @param int $after of posts of one station and step the second goes to a helper with a higher number than the first */
    private function fill(int $post, int $after, int &$looks, int $most): ?bool
    {
        if (!isset($this->posts[$post])) {
            return true;
        }
        [$station, $step] = $this->posts[$post];
        $isNewStep = $post > 0 && $this->posts[$post - 1][1] !== $step;
        $key = $isNewStep ? $this->key($post, $step) : '';
        if ($looks > $most) {
            return null;
        }
        if ($isNewStep && isset($this->dead[$key])) {
            return false;
        }
        $isSure = true;
        foreach ($this->order($station, $step, $after) as $h) {
            ++$looks;
            if ($this->duty->against($h, $station, $step) !== [[]]) {
                continue;
            }
            $this->duty->where[$h][$step] = $station;
            $isSame = ($this->posts[$post + 1] ?? null) === $this->posts[$post];
            $found = $this->fill($post + 1, $isSame ? $h : -1, $looks, $most);
            if ($found === true) {
                return true;
            }
            unset($this->duty->where[$h][$step]);
            $isSure = $isSure && $found === false;
        }
        if ($isNewStep && $isSure) {
            $this->dead[$key] = true;
        }

        return $isSure ? false : null;
    }

    /** @return list<int> helpers, those first who are at the station already */
    private function order(int $station, int $step, int $after): array
    {
        $there = $others = [];
        for ($h = $after + 1; $h < count($this->duty->where); ++$h) {
            if ($this->duty->maySend($h, $station, $step)) {
                if (($this->duty->where[$h][$step - 1] ?? null) === $station) {
                    $there[] = $h;
                } else {
                    $others[] = $h;
                }
            }
        }

        return [...$there, ...$others];
    }

    /** What matters of the day so far: where each helper was last and since when they are on duty. */
    private function key(int $post, int $step): string
    {
        $parts = [$post];
        foreach (array_keys($this->duty->where) as $h) {
            $parts[] = implode(',', $this->duty->behind($h, $step));
        }

        return implode(';', $parts);
    }
}
