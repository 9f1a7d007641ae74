<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Pattern;

use KeenShadow\Core\Viewers\ViewerException;

/** A figure of strokes, in units of its own width: x from 0 to 1, y downwards from 0. A stroke of one point is a dot. */
final readonly class Outline
{
    /** So many points are kept; with more, those that bend the strokes least go. */
    public const MOST_POINTS = 400;
    public const MOST_STROKES = 100;
    private const MOST_READ = 50000;
    /** Points this near to the straight line between their neighbours say nothing, in widths of the figure; doubled until few enough are left. */
    private const STRAIGHT = 0.001;
    private const DIGITS = 4;

    /** @param non-empty-list<non-empty-list<array{float, float}>> $strokes */
    private function __construct(public array $strokes) {}

    /**
     * @param list<list<array{float, float}>> $strokes in any one unit, y downwards
     *
     * @throws ViewerException when there is nothing, or too much, or it has no width and no height
     */
    public static function of(array $strokes): self
    {
        $strokes = array_values(array_filter($strokes, static fn(array $stroke): bool => $stroke !== []));
        $points = array_merge([], ...$strokes);
        if ($points === [] || count($strokes) > self::MOST_STROKES || count($points) > self::MOST_READ) {
            throw ViewerException::noOutline(self::MOST_STROKES);
        }
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        $width = max(max($xs) - min($xs), max($ys) - min($ys));
        if (!($width > 0) || !is_finite($width)) {
            throw ViewerException::noOutline(self::MOST_STROKES);
        }
        $unit = max($xs) > min($xs) ? max($xs) - min($xs) : $width;
        [$left, $top] = [min($xs), min($ys)];
        $units = array_map(static fn(array $stroke): array => array_map(static fn(array $p): array => [round(($p[0] - $left) / $unit, self::DIGITS), round(($p[1] - $top) / $unit, self::DIGITS)], $stroke), $strokes);
        for ($straight = self::STRAIGHT; ; $straight *= 2) {
            $simple = array_map(static fn(array $stroke): array => self::simplified($stroke, $straight), $units);
            if ($simple !== [] && count(array_merge([], ...$simple)) <= self::MOST_POINTS) {
                return new self($simple);
            }
        }
    }

    /**
     * As it is written in files: points "x,y" with a space between, strokes with a semicolon between.
     *
     * @throws ViewerException when it is not written so
     */
    public static function read(string $text): self
    {
        $strokes = [];
        foreach (explode(';', $text) as $stroke) {
            $points = [];
            foreach (explode(' ', (string) preg_replace('/\s+/', ' ', trim($stroke))) as $point) {
                if (preg_match('/^(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)$/', $point, $found) !== 1) {
                    throw ViewerException::noOutline(self::MOST_STROKES);
                }
                $points[] = [(float) $found[1], (float) $found[2]];
            }
            $strokes[] = $points;
        }

        return self::of($strokes);
    }

    public function written(): string
    {
        return implode(';', array_map(static fn(array $stroke): string => implode(' ', array_map(static fn(array $p): string => "{$p[0]},{$p[1]}", $stroke)), $this->strokes));
    }

    /**
     * Ramer 1972, Douglas & Peucker 1973: of a stroke the points that stand out from the line between its ends by more than so much.
     *
     * @param non-empty-list<array{float, float}> $stroke
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function simplified(array $stroke, float $straight): array
    {
        $kept = [0 => true, count($stroke) - 1 => true];
        $open = [[0, count($stroke) - 1]];
        while (($span = array_pop($open)) !== null) {
            [$from, $to] = $span;
            [$most, $at] = [$straight, null];
            for ($i = $from + 1; $i < $to; ++$i) {
                $off = self::offLine($stroke[$i], $stroke[$from], $stroke[$to]);
                if ($off > $most) {
                    [$most, $at] = [$off, $i];
                }
            }
            if ($at !== null) {
                $kept[$at] = true;
                array_push($open, [$from, $at], [$at, $to]);
            }
        }
        ksort($kept);

        return array_map(static fn(int $i): array => $stroke[$i], array_keys($kept));
    }

    /**
     * @param array{float, float} $point
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private static function offLine(array $point, array $a, array $b): float
    {
        $length = hypot($b[0] - $a[0], $b[1] - $a[1]);

        return $length === 0.0
            ? hypot($point[0] - $a[0], $point[1] - $a[1])
            : abs(($b[0] - $a[0]) * ($point[1] - $a[1]) - ($b[1] - $a[1]) * ($point[0] - $a[0])) / $length;
    }
}
