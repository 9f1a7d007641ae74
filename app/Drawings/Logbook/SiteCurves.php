<?php

declare(strict_types=1);

namespace App\Drawings\Logbook;

use App\Domain\Logbook\Measured;
use App\Drawings\Tick;
use App\Text\Numbers;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Series;

/** By how much the air cooled at several sites, each against minutes from its own maximum; in percent of the drawing, y downwards. */
final readonly class SiteCurves
{
    private const FROM_MIN = -120;
    private const TO_MIN = 150;
    private const TICK_MIN = 30;

    /**
     * @param list<array{index: int, points: string}> $lines
     * @param list<Tick> $minutes
     * @param list<Tick> $kelvins
     */
    private function __construct(
        public array $lines,
        public array $minutes,
        public array $kelvins,
    ) {}

    /** @param list<array{measured: Measured, maximumS: float}> $sites of which there is a baseline */
    public static function of(array $sites): self
    {
        $series = array_map(static fn(array $site): Series => self::cooling($site['measured'], $site['maximumS']), $sites);
        $values = array_merge([0.0], ...array_map(static fn(Series $s): array => $s->values, $series));
        [$low, $high] = [floor(min($values)), ceil(max($values))];
        $high = $high > $low ? $high : $low + 1;
        $y = static fn(float $kelvins): float => round(100 * ($high - $kelvins) / ($high - $low), 2);
        $lines = [];
        foreach ($series as $i => $of) {
            $points = array_map(static fn(float $atS, float $kelvins): string => self::x(($atS - $sites[$i]['maximumS']) / 60) . ',' . $y($kelvins), $of->atS, $of->values);
            $lines[] = ['index' => $i + 1, 'points' => implode(' ', $points)];
        }

        return new self(
            $lines,
            array_map(static fn(int $minute): Tick => new Tick(self::x((float) $minute), $minute === 0 ? __('maximum') : __(':n min', ['n' => Numbers::decimal((float) $minute)])), range(self::FROM_MIN + self::TICK_MIN, self::TO_MIN - self::TICK_MIN, self::TICK_MIN)),
            array_map(static fn(float $kelvins): Tick => new Tick($y($kelvins), __(':n K', ['n' => Numbers::decimal($kelvins)])), range($low, $high, 1.0)),
        );
    }

    /** Temperature minus baseline, around the maximum. */
    private static function cooling(Measured $measured, float $maximumS): Series
    {
        [$none, $minuteS] = [Series::of([], []), 60.0];
        $temperature = $measured->curves[Quantity::Temperature->value] ?? $none;

        return $temperature->between($maximumS + $minuteS * self::FROM_MIN, $maximumS + $minuteS * self::TO_MIN)->minus($measured->baseline ?? $none);
    }

    private static function x(float $minute): float
    {
        return round(100 * ($minute - self::FROM_MIN) / (self::TO_MIN - self::FROM_MIN), 2);
    }
}
