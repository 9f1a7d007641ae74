<?php

declare(strict_types=1);

namespace App\Imports\Viewers;

/** The strokes of one shape of an SVG drawing, curves as short straight pieces; a length may have any unit, which is passed over. */
final class SvgShape
{
    public const NUMBER = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';
    /** Pieces of a round. */
    private const ROUND = 64;

    /**
     * @param array<string, string> $attributes
     *
     * @return list<list<array{float, float}>>
     */
    public static function strokes(string $name, array $attributes): array
    {
        $n = static fn(string $key): float => self::numbers($attributes[$key] ?? '')[0] ?? 0.0;

        return match ($name) {
            'path' => SvgPath::strokes($attributes['d'] ?? ''),
            'line' => [[[$n('x1'), $n('y1')], [$n('x2'), $n('y2')]]],
            'polyline' => [self::points($attributes['points'] ?? '')],
            'polygon' => [self::closed(self::points($attributes['points'] ?? ''))],
            'rect' => [self::closed([[$n('x'), $n('y')], [$n('x') + $n('width'), $n('y')], [$n('x') + $n('width'), $n('y') + $n('height')], [$n('x'), $n('y') + $n('height')]])],
            'circle' => [self::round($n('cx'), $n('cy'), $n('r'), $n('r'))],
            'ellipse' => [self::round($n('cx'), $n('cy'), $n('rx'), $n('ry'))],
            default => [],
        };
    }

    /** @return list<float> */
    public static function numbers(string $text): array
    {
        preg_match_all('/' . self::NUMBER . '/', $text, $found);

        return array_map(floatval(...), $found[0]);
    }

    /** @return list<array{float, float}> */
    private static function points(string $text): array
    {
        $points = [];
        $numbers = self::numbers($text);
        for ($i = 1; $i < count($numbers); $i += 2) {
            $points[] = [$numbers[$i - 1], $numbers[$i]];
        }

        return $points;
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function closed(array $points): array
    {
        return $points === [] ? [] : [...$points, $points[0]];
    }

    /** @return list<array{float, float}> */
    private static function round(float $x, float $y, float $rx, float $ry): array
    {
        return array_map(static fn(int $i): array => [$x + $rx * cos(2 * M_PI * $i / self::ROUND), $y + $ry * sin(2 * M_PI * $i / self::ROUND)], range(0, self::ROUND));
    }
}
