<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** Readings of one quantity in the order of their times, which are seconds since 1970 (UTC). */
final readonly class Series
{
    private const ROUNDING = 1e-9;
    /** So many of them say what is usual. */
    private const STEPS = 5000;

    /**
     * @param list<float> $atS in order
     * @param list<float> $values one for each time
     */
    private function __construct(
        public array $atS,
        public array $values,
    ) {}

    /**
     * @param list<float> $atS in any order
     * @param list<float> $values one for each time
     */
    public static function of(array $atS, array $values): self
    {
        for ($i = 1, $count = count($atS); $i < $count; ++$i) {
            if ($atS[$i] < $atS[$i - 1]) {
                return self::sorted($atS, $values);
            }
        }

        return new self($atS, $values);
    }

    /**
     * With less memory than array_multisort() takes.
     *
     * @param list<float> $atS
     * @param list<float> $values
     */
    private static function sorted(array $atS, array $values): self
    {
        asort($atS);
        $inOrder = [];
        foreach ($atS as $i => $_) {
            $inOrder[] = $values[$i];
        }

        return new self(array_values($atS), $inOrder);
    }

    public function count(): int
    {
        return count($this->atS);
    }

    /** The readings from one moment to another, those at both with them. */
    public function between(float $fromS, float $toS): self
    {
        $first = $this->search(static fn(float $atS): bool => $atS >= $fromS);
        $count = $this->search(static fn(float $atS): bool => $atS > $toS) - $first;

        return $count === $this->count() ? $this : new self(array_slice($this->atS, $first, $count), array_slice($this->values, $first, $count));
    }

    /** Seconds from one reading to the next, at the median; 0 for fewer than two. */
    public function stepS(): float
    {
        $steps = [];
        $every = 1 + intdiv($this->count(), self::STEPS);
        for ($i = 1; $i < $this->count(); $i += $every) {
            $steps[] = $this->atS[$i] - $this->atS[$i - 1];
        }

        return self::median($steps);
    }

    /** The smallest step between two readings that follow each other and differ, which is the last digit of the logger or finer; 0 where all are the same. */
    public function resolution(): float
    {
        $least = INF;
        for ($i = 1; $i < $this->count(); ++$i) {
            $step = abs($this->values[$i] - $this->values[$i - 1]);
            $least = $step > self::ROUNDING && $step < $least ? $step : $least;
        }

        return is_finite($least) ? $least : 0.0;
    }

    /** One reading for each stretch of time that has any: the median of its values at the mean of its times, so that a spike does no harm. */
    public function medians(float $stretchS): self
    {
        $atS = [];
        $values = [];
        for ($from = 0, $count = $this->count(); $from < $count;) {
            $end = $stretchS * (1 + floor($this->atS[$from] / $stretchS));
            [$times, $of] = [[], []];
            for (; $from < $count && $this->atS[$from] < $end; ++$from) {
                $times[] = $this->atS[$from];
                $of[] = $this->values[$from];
            }
            $atS[] = array_sum($times) / max(1, count($times));
            $values[] = self::median($of);
        }

        return new self($atS, $values);
    }

    /** The value at a moment, by a straight line between the readings around it; null before the first and after the last. */
    public function at(float $atS): ?float
    {
        $next = $this->search(static fn(float $each): bool => $each >= $atS);
        $afterS = $this->atS[$next] ?? null;
        if ($afterS === null || $afterS === $atS) {
            return $afterS === null ? null : $this->values[$next];
        }
        $beforeS = $this->atS[$next - 1] ?? null;
        if ($beforeS === null) {
            return null;
        }
        $from = $this->values[$next - 1] ?? 0.0;

        return $from + ($atS - $beforeS) / ($afterS - $beforeS) * ($this->values[$next] - $from);
    }

    /** By how much it lies above another, at its own moments within the other's. */
    public function minus(self $other): self
    {
        [$atS, $values] = [[], []];
        foreach ($this->atS as $i => $at) {
            $from = $other->at($at);
            if ($from !== null) {
                $atS[] = $at;
                $values[] = $this->values[$i] - $from;
            }
        }

        return new self($atS, $values);
    }

    /** @param callable(float, float): float $change the new value from time and value */
    public function map(callable $change): self
    {
        return new self($this->atS, array_map($change, $this->atS, $this->values));
    }

    /** Both, where the other begins after this one ends. */
    public function with(self $later): self
    {
        return new self([...$this->atS, ...$later->atS], [...$this->values, ...$later->values]);
    }

    /** The longest time without a reading between two moments; the moments themselves count as readings. */
    public function longestGapS(float $fromS, float $toS): float
    {
        $within = $this->between($fromS, $toS)->atS;
        $longest = 0.0;
        for ($i = 0, $last = $fromS; $i <= count($within); ++$i) {
            $longest = max($longest, ($within[$i] ?? $toS) - $last);
            $last = $within[$i] ?? $toS;
        }

        return $longest;
    }

    /** @param list<float> $values */
    public static function median(array $values): float
    {
        sort($values);
        $count = count($values);

        return $count === 0 ? 0.0 : ($values[intdiv($count - 1, 2)] + $values[intdiv($count, 2)]) / 2;
    }

    /**
     * The index of the first time that is late enough, by halving.
     *
     * @param callable(float): bool $isLateEnough
     */
    private function search(callable $isLateEnough): int
    {
        [$low, $high] = [0, $this->count()];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $isLateEnough($this->atS[$middle]) ? [$low, $middle] : [$middle + 1, $high];
        }

        return $low;
    }
}
