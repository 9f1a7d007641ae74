<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use KeenShadow\Core\Site\Shadow\LongTube;
use KeenShadow\Core\Sky\SunPosition;

/** A tube from the side at a few times, its lower end in one place, with its prop. Metres, x towards the Sun, y downwards from the ground. */
final readonly class TubeDrawing
{
    /** Tubes that can be told apart. */
    private const MOST = 5;

    /** @param list<array{x: float, y: float, propX: float, propY: float, time: string}> $tubes */
    private function __construct(
        public float $lowerEndM,
        public float $widthM,
        public float $topM,
        public array $tubes,
    ) {}

    /** @param array<string, SunPosition> $moments by local time */
    public static function of(array $moments, LongTube $tube, float $propM): self
    {
        $tubes = [];
        $every = max(1, (int) ceil(count($moments) / self::MOST));
        foreach (array_keys($moments) as $i => $time) {
            $sun = $moments[$time];
            if ($i % $every === 0) {
                $tubes[] = [
                    'x' => round($tube->footM($sun, $tube->lengthM), 3),
                    'y' => round(-$tube->heightM($sun, $tube->lengthM), 3),
                    'propX' => round($tube->footM($sun, $propM), 3),
                    'propY' => round(-$tube->heightM($sun, $propM), 3),
                    'time' => $time,
                ];
            }
        }

        return new self($tube->lowerEndM, round($tube->lengthM * 1.35 + 0.5, 2), round($tube->lowerEndM + 0.15 + max(0.0, ...array_map(static fn(SunPosition $s): float => $tube->heightM($s, $tube->lengthM) - $tube->lowerEndM, array_values($moments))), 2), $tubes);
    }
}
