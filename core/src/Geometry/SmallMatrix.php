<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** Square matrices of a few rows. */
final class SmallMatrix
{
    /**
     * By Gauss and Jordan, with the largest pivot of a column.
     *
     * @param list<list<float>> $matrix
     *
     * @return list<list<float>>|null null where there is none, within rounding
     */
    public static function inverse(array $matrix): ?array
    {
        $size = count($matrix);
        foreach ($matrix as $i => $row) {
            $matrix[$i] = [...$row, ...array_map(static fn(int $j): float => $i === $j ? 1.0 : 0.0, range(0, $size - 1))];
        }
        for ($column = 0; $column < $size; ++$column) {
            $largest = $column;
            for ($row = $column + 1; $row < $size; ++$row) {
                $largest = abs($matrix[$row][$column]) > abs($matrix[$largest][$column]) ? $row : $largest;
            }
            [$matrix[$column], $matrix[$largest]] = [$matrix[$largest], $matrix[$column]];
            $pivot = $matrix[$column][$column];
            if (abs($pivot) < 1e-12) {
                return null;
            }
            $matrix[$column] = array_map(static fn(float $cell): float => $cell / $pivot, $matrix[$column]);
            foreach ($matrix as $row => $cells) {
                if ($row !== $column) {
                    $matrix[$row] = array_map(static fn(float $cell, float $of): float => $cell - $cells[$column] * $of, $cells, $matrix[$column]);
                }
            }
        }

        return array_map(static fn(array $row): array => array_slice($row, $size), $matrix);
    }
}
