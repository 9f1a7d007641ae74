<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/**
 * Fewer change-overs: a helper who takes over from another while the station stays occupied gives back what they took over,
 * or the two exchange the rest of their day, as long as both still walk and rest as they must.
 */
final readonly class Handovers
{
    /** @param array<int, int> $occupied stations with people by step, as bits */
    public function __construct(private Duty $duty, private array $occupied) {}

    /** @return int change-overs that are left */
    public function reduce(): int
    {
        do {
            $found = false;
            foreach ($this->duty->where as $a => $row) {
                foreach ($row as $t => $station) {
                    if ($this->leaves($this->duty->where[$a], $t, $station)) {
                        $found = $this->mend($a, $t, $station) || $found;
                    }
                }
            }
        } while ($found);

        return array_sum(array_map($this->count(...), $this->duty->where));
    }

    /** Somebody leaves after a step: whoever comes for them may do without, or change with them. */
    private function mend(int $a, int $step, int $station): bool
    {
        foreach ($this->duty->where as $b => $row) {
            if ($b === $a || ($row[$step + 1] ?? null) !== $station || ($row[$step] ?? null) === $station) {
                continue;
            }
            foreach ([$this->givenBack($a, $b, $step + 1, $station), $this->exchanged($a, $b, $step + 1)] as [$rowA, $rowB]) {
                $before = $this->count($this->duty->where[$a]) + $this->count($row);
                if ($this->count($rowA) + $this->count($rowB) < $before && $this->duty->isPossible($a, $rowA) && $this->duty->isPossible($b, $rowB)) {
                    [$this->duty->where[$a], $this->duty->where[$b]] = [$rowA, $rowB];

                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{array<int, int>, array<int, int>} the first stays as long as the second would have been there */
    private function givenBack(int $a, int $b, int $from, int $station): array
    {
        [$rowA, $rowB] = [$this->duty->where[$a], $this->duty->where[$b]];
        for ($t = $from; ($rowB[$t] ?? null) === $station && !isset($rowA[$t]); ++$t) {
            $rowA[$t] = $station;
            unset($rowB[$t]);
        }

        return [$rowA, $rowB];
    }

    /** @return array{array<int, int>, array<int, int>} each goes on as the other would have */
    private function exchanged(int $a, int $b, int $from): array
    {
        [$beforeA, $afterA] = self::cut($this->duty->where[$a], $from);
        [$beforeB, $afterB] = self::cut($this->duty->where[$b], $from);

        return [$beforeA + $afterB, $beforeB + $afterA];
    }

    /**
     * @param array<int, int> $row
     *
     * @return array{array<int, int>, array<int, int>} before a step, and from it on
     */
    private static function cut(array $row, int $from): array
    {
        $before = array_filter($row, static fn(int $t): bool => $t < $from, ARRAY_FILTER_USE_KEY);

        return [$before, array_diff_key($row, $before)];
    }

    /** @param array<int, int> $row station by step */
    private function count(array $row): int
    {
        $count = 0;
        foreach ($row as $t => $station) {
            $count += $this->leaves($row, $t, $station) ? 1 : 0;
        }

        return $count;
    }

    /** @param array<int, int> $row */
    private function leaves(array $row, int $step, int $station): bool
    {
        return ($row[$step] ?? null) === $station && ($row[$step + 1] ?? null) !== $station && ((($this->occupied[$step + 1] ?? 0) >> $station) & 1) === 1;
    }
}
