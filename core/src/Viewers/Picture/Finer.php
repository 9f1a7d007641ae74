<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Picture;

/** A grid of numbers drawn finer by cubics through its points (Keys 1981, a = −½), which keep its sum. */
final class Finer
{
    /**
     * @param array<int, array<int, float>> $rows a square; outside it there is nothing
     * @param int $side a multiple of its side
     *
     * @return list<list<float>> none below zero
     */
    public static function rows(array $rows, int $side, float $scale): array
    {
        $columns = array_map(static fn(array $row): array => self::line($row, $side), $rows);
        $fine = array_map(static fn(array $column): array => self::line($column, $side), array_map(null, ...$columns));

        return array_values(array_map(static fn(array $row): array => array_map(static fn(float $value): float => max(0.0, $value * $scale), $row), array_map(null, ...$fine)));
    }

    /**
     * @param array<int, float> $from
     *
     * @return list<float>
     */
    private static function line(array $from, int $side): array
    {
        $factor = intdiv($side, count($from));
        $weights = array_map(static fn(int $i): array => self::weights(($i + 0.5) / $factor - 0.5), range(0, $factor - 1));
        $padded = [0.0, 0.0, ...$from, 0.0, 0.0];
        $line = [];
        foreach (array_keys($from) as $i) {
            foreach ($weights as [$before, $a, $b, $c, $d]) {
                $k = $i + 2 - $before;
                $line[] = $a * $padded[$k - 1] + $b * $padded[$k] + $c * $padded[$k + 1] + $d * $padded[$k + 2];
            }
        }

        return $line;
    }

    /**
     * Of the four points about a place.
     *
     * @param float $at from a point, -½ … ½
     *
     * @return array{int, float, float, float, float} how many points before that one the second of the four is, and the weights
     */
    private static function weights(float $at): array
    {
        $before = $at < 0 ? 1 : 0;
        $t = $at + $before;

        return [
            $before,
            -$t * (1 - $t) ** 2 / 2,
            (2 - 5 * $t ** 2 + 3 * $t ** 3) / 2,
            ($t + 4 * $t ** 2 - 3 * $t ** 3) / 2,
            $t ** 2 * ($t - 1) / 2,
        ];
    }
}
