<?php

declare(strict_types=1);

namespace App\Drawings\Logbook;

use App\Domain\Logbook\Measured;
use App\Drawings\Event\ShadowRibbon;
use App\Drawings\Tick;
use App\Text\LogbookWords;
use App\Text\Numbers;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Series;

/** What instruments measured, on the ribbon's axis: a strip for each quantity, in percent of its width and height, y downwards. */
final readonly class MeasuredCurves
{
    private const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10000, 20000, 50000, 100000];
    private const MOST_TICKS = 5;
    /** Seconds without a reading after which a curve is broken off, or three usual steps. */
    private const GAP_S = 300.0;

    /** @param list<array{name: string, legend: string, lines: list<array{index: int, paths: list<string>}>, guides: list<array{index: int, paths: list<string>}>, lowest: list<array{index: int, x: float}>, ticks: list<Tick>}> $strips */
    private function __construct(public array $strips) {}

    /** @param list<Measured> $instruments */
    public static function of(array $instruments, ShadowRibbon $ribbon): self
    {
        $strips = [];
        foreach (Quantity::cases() as $quantity) {
            $strip = self::strip($quantity, $instruments, (float) $ribbon->begin->format('U'), (float) $ribbon->end->format('U'));
            $strips = $strip === null ? $strips : [...$strips, $strip];
        }

        return new self($strips);
    }

    /**
     * @param list<Measured> $instruments
     *
     * @return array{name: string, legend: string, lines: list<array{index: int, paths: list<string>}>, guides: list<array{index: int, paths: list<string>}>, lowest: list<array{index: int, x: float}>, ticks: list<Tick>}|null null where nobody measured it
     */
    private static function strip(Quantity $quantity, array $instruments, float $beginS, float $endS): ?array
    {
        $lines = $guides = $lowest = [];
        foreach ($instruments as $i => $measured) {
            $guide = match ($quantity) {
                Quantity::Temperature => $measured->baseline,
                Quantity::Light => $measured->expectedLight,
                Quantity::Pressure => null,
            };
            $lines[$i] = ($measured->curves[$quantity->value] ?? null)?->between($beginS, $endS);
            $guides[$i] = $lines[$i] === null ? null : $guide?->between($beginS, $endS);
            if ($quantity === Quantity::Temperature && $measured->drop?->minimumAtS !== null) {
                $lowest[] = ['index' => $i + 1, 'x' => self::percent($measured->drop->minimumAtS, $beginS, $endS)];
            }
        }
        $values = array_merge(...array_map(static fn(?Series $s): array => $s->values ?? [], [...$lines, ...$guides]));
        if ($values === []) {
            return null;
        }
        [$low, $high, $ticks] = self::scale($quantity, $values);
        return ['name' => LogbookWords::quantity($quantity), 'legend' => LogbookWords::legend($quantity), 'lines' => self::drawn($lines, $beginS, $endS, $low, $high), 'guides' => self::drawn($guides, $beginS, $endS, $low, $high), 'lowest' => $lowest, 'ticks' => $ticks];
    }

    /**
     * @param array<int, Series|null> $series by instrument
     *
     * @return list<array{index: int, paths: list<string>}>
     */
    private static function drawn(array $series, float $beginS, float $endS, float $low, float $high): array
    {
        $drawn = [];
        foreach ($series as $i => $of) {
            if ($of !== null && $of->count() > 0) {
                $drawn[] = ['index' => $i + 1, 'paths' => self::paths($of, $beginS, $endS, $low, $high)];
            }
        }

        return $drawn;
    }

    /**
     * Round numbers that the values lie between, from 0 where it is light.
     *
     * @param non-empty-list<float> $values
     *
     * @return array{float, float, list<Tick>}
     */
    private static function scale(Quantity $quantity, array $values): array
    {
        [$low, $high] = [$quantity === Quantity::Light ? 0.0 : min($values), max($values)];
        $step = 1.0;
        foreach (self::STEPS as $each) {
            $step = (float) $each;
            if (ceil($high / $step) - floor($low / $step) <= self::MOST_TICKS) {
                break;
            }
        }
        [$low, $high] = [$step * floor($low / $step), $step * max(ceil($high / $step), floor($low / $step) + 1)];
        $ticks = array_map(static fn(float $value): Tick => new Tick(round(100 * ($high - $value) / ($high - $low), 2), Numbers::decimal($value, $step < 1 ? 1 : 0)), range($low, $high, $step));

        return [$low, $high, $ticks];
    }

    /** @return list<string> points of each piece without a gap */
    private static function paths(Series $series, float $beginS, float $endS, float $low, float $high): array
    {
        $gapS = max(self::GAP_S, 3 * $series->stepS());
        $pieces = [];
        $lastS = -INF;
        foreach ($series->atS as $i => $atS) {
            $isNew = $atS - $lastS > $gapS;
            $pieces[$isNew ? count($pieces) : count($pieces) - 1][] = self::percent($atS, $beginS, $endS) . ',' . round(100 * ($high - $series->values[$i]) / ($high - $low), 2);
            $lastS = $atS;
        }

        return array_values(array_map(static fn(array $points): string => implode(' ', $points), $pieces));
    }

    private static function percent(float $atS, float $beginS, float $endS): float
    {
        return round(100 * ($atS - $beginS) / ($endS - $beginS), 3);
    }
}
