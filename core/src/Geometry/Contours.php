<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/**
 * Lines of equal value on a grid by marching squares (Lorensen & Cline 1987, in the plane), joined end to end.
 */
final readonly class Contours
{
    /**
     * @param list<float> $xs
     * @param list<float> $ys
     * @param list<list<float>> $values values[j][i] at (xs[i], ys[j])
     */
    public function __construct(
        private array $xs,
        private array $ys,
        private array $values,
    ) {}

    /**
     * @param callable(float, float): bool $wanted whether a piece of line around a point is wanted
     *
     * @return list<list<array{float, float}>> lines of [x, y]
     */
    public function at(float $level, callable $wanted): array
    {
        $pieces = [];
        for ($j = 0; $j + 1 < count($this->ys); ++$j) {
            for ($i = 0; $i + 1 < count($this->xs); ++$i) {
                foreach ($this->inCell($i, $j, $level) as [$from, $to]) {
                    // A grid point right on the level gives a piece without length, which would lead the joining astray.
                    if (self::key($from) !== self::key($to) && $wanted(($from[0] + $to[0]) / 2, ($from[1] + $to[1]) / 2)) {
                        $pieces[] = [$from, $to];
                    }
                }
            }
        }

        return self::joined($pieces);
    }

    /** @return list<array{array{float, float}, array{float, float}}> one piece, or two across a saddle */
    private function inCell(int $i, int $j, float $level): array
    {
        $corners = [[$i, $j], [$i + 1, $j], [$i + 1, $j + 1], [$i, $j + 1]];
        $crossings = [];
        foreach ($corners as $k => [$a, $b]) {
            [$c, $d] = $corners[($k + 1) % 4];
            $here = $this->values[$b][$a] - $level;
            $there = $this->values[$d][$c] - $level;
            if (($here < 0) !== ($there < 0)) {
                $part = $here / ($here - $there);
                $crossings[] = [
                    $this->xs[$a] + $part * ($this->xs[$c] - $this->xs[$a]),
                    $this->ys[$b] + $part * ($this->ys[$d] - $this->ys[$b]),
                ];
            }
        }

        return match (count($crossings)) {
            2 => [[$crossings[0], $crossings[1]]],
            4 => [[$crossings[0], $crossings[1]], [$crossings[2], $crossings[3]]],
            default => [],
        };
    }

    /**
     * @param list<array{array{float, float}, array{float, float}}> $pieces
     *
     * @return list<list<array{float, float}>>
     */
    private static function joined(array $pieces): array
    {
        $at = [];
        foreach ($pieces as $n => [$from, $to]) {
            $at[self::key($from)][$n] = true;
            $at[self::key($to)][$n] = true;
        }
        $used = [];
        $lines = [];
        foreach ($pieces as $n => $piece) {
            if (isset($used[$n])) {
                continue;
            }
            $used[$n] = true;
            $line = $piece;
            foreach ([1, 0] as $grown) {
                $line = array_reverse($line);
                while (true) {
                    $end = $line[count($line) - 1];
                    $next = array_key_first(array_diff_key($at[self::key($end)], $used));
                    if ($next === null) {
                        break;
                    }
                    $used[$next] = true;
                    [$from, $to] = $pieces[$next];
                    $line[] = self::key($from) === self::key($end) ? $to : $from;
                }
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** @param array{float, float} $point */
    private static function key(array $point): string
    {
        return sprintf('%.6f,%.6f', $point[0], $point[1]);
    }
}
