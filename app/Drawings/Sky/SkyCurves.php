<?php

declare(strict_types=1);

namespace App\Drawings\Sky;

use App\Drawings\Tick;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;

/**
 * Obscuration and apparent altitude against time, on the axis of the shadow ribbon. Points are in percent of the
 * picture's width and height, y downwards.
 */
final readonly class SkyCurves
{
    private const STEPS = 120;
    private const ALTITUDE_STEP_DEG = 10;

    /**
     * @param string $obscuration points of the curve, closed along the bottom
     * @param string $altitude points of the curve
     * @param list<Tick> $altitudeTicks
     */
    private function __construct(
        public string $obscuration,
        public string $altitude,
        public array $altitudeTicks,
    ) {}

    public static function of(LocalEclipse $here): self
    {
        $span = (float) $here->spanEnds()->format('U') - (float) $here->spanBegins()->format('U');
        $samples = [];
        for ($i = 0; $i <= self::STEPS; ++$i) {
            $view = $here->at($here->spanBegins()->modify(sprintf('+%d milliseconds', (int) round(1000 * $span * $i / self::STEPS))));
            $samples[] = [100 * $i / self::STEPS, $view->obscuration(), Horizon::apparentAltitudeDeg($view->altitudeDeg())];
        }
        $top = self::ALTITUDE_STEP_DEG * max(1, (int) ceil(max(0.0, ...array_column($samples, 2)) / self::ALTITUDE_STEP_DEG));
        $ticks = [];
        for ($deg = 0; $deg <= $top; $deg += $top > 50 ? 20 : self::ALTITUDE_STEP_DEG) {
            $ticks[] = new Tick(round(100 - 100 * $deg / $top, 2), $deg . '°');
        }
        $covered = array_map(static fn(array $s): string => self::point($s[0], 100 - 100 * $s[1]), $samples);
        $heights = array_map(static fn(array $s): string => self::point($s[0], min(104.0, 100 - 100 * $s[2] / $top)), $samples);

        return new self('0,100 ' . implode(' ', $covered) . ' 100,100', implode(' ', $heights), $ticks);
    }

    private static function point(float $x, float $y): string
    {
        return round($x, 2) . ',' . round($y, 2);
    }
}
