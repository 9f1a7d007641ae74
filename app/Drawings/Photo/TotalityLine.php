<?php

declare(strict_types=1);

namespace App\Drawings\Photo;

use App\Drawings\Tick;
use App\Text\Numbers;
use KeenShadow\Core\Photo\PlannedShot;
use KeenShadow\Core\Photo\ShotList;
use KeenShadow\Core\Rules\Filters;

/** A shot list along the time in which filters may be off: places are percentages of its length, and a little before and after. */
final readonly class TotalityLine
{
    private const DAY_S = 86400;
    private const BESIDE_S = 10.0;
    /** Ticks are so many seconds apart that there are ten at most. */
    private const STEPS = [5, 10, 20, 30, 60];
    private const MOST_TICKS = 10;
    /** Numbers that stand closer would run together. */
    private const CLOSE_PERCENT = 3.0;

    /**
     * @param array{x: float, width: float} $free while filters may be off
     * @param list<array{x: float, width: float}> $hands while the filter is taken off and put on
     * @param list<array{x: float, width: float}> $shots in the order of the list
     * @param list<array{x: float, text: string}> $numbers of them in the list, those that stand close together in one
     * @param list<Tick> $ticks seconds since filters may be off
     */
    private function __construct(public array $free, public array $hands, public array $shots, public array $numbers, public array $ticks, public float $warning) {}

    /** @return self|null null where the filter stays on */
    public static function of(ShotList $list, float $handS): ?self
    {
        if ($list->offUt === null || $list->onUt === null) {
            return null;
        }
        $off = $list->offUt;
        $lengthS = ($list->onUt - $off) * self::DAY_S;
        $percent = static fn(float $seconds): float => round(100 * ($seconds + self::BESIDE_S) / ($lengthS + 2 * self::BESIDE_S), 3);
        $bar = static fn(float $from, float $to): array => ['x' => $percent($from), 'width' => round($percent($to) - $percent($from), 3)];
        $since = static fn(float $ut): float => ($ut - $off) * self::DAY_S;
        $step = array_values(array_filter(self::STEPS, static fn(int $s): bool => $lengthS / $s <= self::MOST_TICKS))[0] ?? 60;

        return new self(
            $bar(0.0, $lengthS),
            [$bar(0.0, $handS), $bar($lengthS - $handS, $lengthS)],
            array_map(static fn(PlannedShot $shot): array => $bar($since($shot->fromUt), $since($shot->toUt)), $list->shots),
            self::numbers(array_map(static fn(PlannedShot $shot): float => $percent($since($shot->fromUt)), $list->shots)),
            array_map(static fn(int $s): Tick => new Tick($percent((float) $s), Numbers::decimal($s)), range(0, (int) $lengthS, $step)),
            $percent($lengthS - Filters::WARNING_SECONDS),
        );
    }

    /**
     * @param list<float> $places of the shots
     *
     * @return list<array{x: float, text: string}>
     */
    private static function numbers(array $places): array
    {
        $numbers = [];
        foreach ($places as $i => $x) {
            if ($i > 0 && $x - $places[$i - 1] < self::CLOSE_PERCENT) {
                $last = array_pop($numbers);
                $numbers[] = ['x' => $last['x'] ?? $x, 'text' => ($last['text'] ?? '') . ', ' . ($i + 1)];
            } else {
                $numbers[] = ['x' => $x, 'text' => (string) ($i + 1)];
            }
        }

        return $numbers;
    }
}
