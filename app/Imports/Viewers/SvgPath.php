<?php

declare(strict_types=1);

namespace App\Imports\Viewers;

use App\Imports\Limits;

/** The data of an SVG path (SVG 1.1, 8.3), curves as short straight pieces. It ends where it makes no sense any more, as the standard has it. */
final class SvgPath
{
    private const ARGUMENTS = ['m' => 2, 'l' => 2, 'h' => 1, 'v' => 1, 'c' => 6, 's' => 4, 'q' => 4, 't' => 2, 'a' => 7, 'z' => 0];
    private const PIECES = 16;

    /** @var list<list<array{float, float}>> */
    private array $strokes = [];
    /** @var array{float, float} */
    private array $at = [0.0, 0.0];
    /** @var array{float, float} of the curve before, for the next smooth one */
    private array $control = [0.0, 0.0];
    private int $points = 0;

    private function __construct() {}

    /** @return list<list<array{float, float}>> */
    public static function strokes(string $data): array
    {
        $path = new self();
        preg_match_all('/([MLHVCSQTAZmlhvcsqtaz])([^MLHVCSQTAZmlhvcsqtaz]*)/', $data, $found, PREG_SET_ORDER);
        foreach ($found as [, $command, $arguments]) {
            if (!$path->commands($command, self::arguments(strtolower($command), $arguments))) {
                break;
            }
        }

        return $path->strokes;
    }

    /**
     * Numbers stand close: "1-2.5.5" are three. The flags of an arc are one digit each and stand closer still.
     *
     * @return list<float>
     */
    private static function arguments(string $command, string $text): array
    {
        if ($command !== 'a') {
            return SvgShape::numbers($text);
        }
        $arc = '/(' . SvgShape::NUMBER . ')[\s,]*(' . SvgShape::NUMBER . ')[\s,]*(' . SvgShape::NUMBER . ')[\s,]*([01])[\s,]*([01])[\s,]*(' . SvgShape::NUMBER . ')[\s,]*(' . SvgShape::NUMBER . ')/';
        preg_match_all($arc, $text, $found, PREG_SET_ORDER);

        return array_merge([], ...array_map(static fn(array $one): array => array_map(floatval(...), array_slice($one, 1)), $found));
    }

    /** @param list<float> $arguments of as many commands of the kind as there are */
    private function commands(string $command, array $arguments): bool
    {
        $kind = strtolower($command);
        $size = self::ARGUMENTS[$kind];
        if ($kind === 'z') {
            $this->close();

            return true;
        }
        if ($this->strokes === [] && $kind !== 'm' || count($arguments) < $size) {
            return false;
        }
        foreach (array_chunk($arguments, max(1, $size)) as $i => $one) {
            if (count($one) < $size) {
                return false;
            }
            // Whoever moves on without saying so draws a line.
            $this->command($kind === 'm' && $i > 0 ? 'l' : $kind, $command === $kind ? $this->absolute($kind, $one) : $one);
            Limits::hold(++$this->points, Limits::POINTS, __('points'));
        }

        return true;
    }

    /**
     * @param list<float> $n relative to where the pen is
     *
     * @return list<float>
     */
    private function absolute(string $kind, array $n): array
    {
        return match ($kind) {
            'h' => [$n[0] + $this->at[0]],
            'v' => [$n[0] + $this->at[1]],
            'a' => [...array_slice($n, 0, 5), $n[5] + $this->at[0], $n[6] + $this->at[1]],
            default => array_map(fn(float $value, int $i): float => $value + $this->at[$i % 2], $n, array_keys($n)),
        };
    }

    /** @param list<float> $n absolute */
    private function command(string $kind, array $n): void
    {
        $mirrored = [2 * $this->at[0] - $this->control[0], 2 * $this->at[1] - $this->control[1]];
        match ($kind) {
            'm' => $this->begin([$n[0], $n[1]]),
            'l' => $this->line([$n[0], $n[1]]),
            'h' => $this->line([$n[0], $this->at[1]]),
            'v' => $this->line([$this->at[0], $n[0]]),
            'c' => $this->cubic([$n[0], $n[1]], [$n[2], $n[3]], [$n[4], $n[5]]),
            's' => $this->cubic($mirrored, [$n[0], $n[1]], [$n[2], $n[3]]),
            'q' => $this->quadratic([$n[0], $n[1]], [$n[2], $n[3]]),
            't' => $this->quadratic($mirrored, [$n[0], $n[1]]),
            default => $this->arc($n),
        };
    }

    /** @param array{float, float} $to */
    private function begin(array $to): void
    {
        $this->strokes[] = [$to];
        $this->at = $this->control = $to;
    }

    /** @param array{float, float} $to */
    private function line(array $to): void
    {
        $this->strokes[array_key_last($this->strokes) ?? 0][] = $to;
        $this->at = $this->control = $to;
    }

    private function close(): void
    {
        $stroke = $this->strokes[count($this->strokes) - 1] ?? [];
        if ($stroke !== []) {
            $this->line($stroke[0]);
        }
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $to
     */
    private function cubic(array $a, array $b, array $to): void
    {
        $from = $this->at;
        for ($i = 1; $i <= self::PIECES; ++$i) {
            $t = $i / self::PIECES;
            $point = static fn(int $k): float => (1 - $t) ** 3 * $from[$k] + 3 * $t * (1 - $t) ** 2 * $a[$k] + 3 * $t ** 2 * (1 - $t) * $b[$k] + $t ** 3 * $to[$k];
            $this->line([$point(0), $point(1)]);
        }
        $this->control = $b;
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $to
     */
    private function quadratic(array $a, array $to): void
    {
        $from = $this->at;
        $this->cubic(
            [($from[0] + 2 * $a[0]) / 3, ($from[1] + 2 * $a[1]) / 3],
            [($to[0] + 2 * $a[0]) / 3, ($to[1] + 2 * $a[1]) / 3],
            $to,
        );
        $this->control = $a;
    }

    /**
     * From ends to middle as SVG 1.1 has it, F.6.5 and F.6.6.
     *
     * @param list<float> $n rx, ry, turn, large, sweep, x, y
     */
    private function arc(array $n): void
    {
        [$rx, $ry, $turn, $large, $sweep] = [abs($n[0]), abs($n[1]), deg2rad($n[2]), $n[3] !== 0.0, $n[4] !== 0.0];
        [$from, $to] = [$this->at, [$n[5], $n[6]]];
        [$cos, $sin] = [cos($turn), sin($turn)];
        [$dx, $dy] = [($from[0] - $to[0]) / 2, ($from[1] - $to[1]) / 2];
        [$x, $y] = [$cos * $dx + $sin * $dy, $cos * $dy - $sin * $dx];
        if ($rx === 0.0 || $ry === 0.0 || $x === 0.0 && $y === 0.0) {
            $this->line($to);

            return;
        }
        $grow = sqrt(max(1.0, ($x / $rx) ** 2 + ($y / $ry) ** 2));
        [$rx, $ry] = [$rx * $grow, $ry * $grow];
        $root = sqrt(max(0.0, ($rx * $ry) ** 2 - ($rx * $y) ** 2 - ($ry * $x) ** 2) / (($rx * $y) ** 2 + ($ry * $x) ** 2)) * ($large === $sweep ? -1 : 1);
        [$cx, $cy] = [$root * $rx * $y / $ry, -$root * $ry * $x / $rx];
        $begin = atan2(($y - $cy) / $ry, ($x - $cx) / $rx);
        $span = atan2((-$y - $cy) / $ry, (-$x - $cx) / $rx) - $begin;
        $span += $sweep && $span < 0 ? 2 * M_PI : (!$sweep && $span > 0 ? -2 * M_PI : 0.0);
        [$mx, $my] = [($from[0] + $to[0]) / 2, ($from[1] + $to[1]) / 2];
        for ($i = 1; $i <= self::PIECES * 2; ++$i) {
            $angle = $begin + $span * $i / self::PIECES / 2;
            [$u, $v] = [$cx + $rx * cos($angle), $cy + $ry * sin($angle)];
            $this->line([$cos * $u - $sin * $v + $mx, $sin * $u + $cos * $v + $my]);
        }
    }
}
