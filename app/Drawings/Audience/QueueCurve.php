<?php

declare(strict_types=1);

namespace App\Drawings\Audience;

use App\Drawings\Tick;
use App\Text\Clock;
use KeenShadow\Core\Audience\Crowd\Waiting;
use KeenShadow\Core\Sky\LocalEclipse;

/** How many wait and how many have looked, against time, from the first contact on; points in percent of the picture, y downwards. */
final readonly class QueueCurve
{
    private const STEPS = 120;
    private const HOUR_MINUTES = 30;

    /**
     * @param string $points of those who wait, closed along the bottom
     * @param string $looked of those who have had their look, of all
     * @param list<Tick> $times
     * @param int $most who wait at once
     * @param float $maximumX where the maximum is
     */
    private function __construct(
        public string $points,
        public string $looked,
        public array $times,
        public int $most,
        public float $maximumX,
    ) {}

    /** @param float $endS the picture's right edge, in seconds from the first contact */
    public static function of(Waiting $waiting, LocalEclipse $here, float $maximumS, float $endS): self
    {
        $counts = array_map(static fn(int $i): int => $waiting->queueAt($endS * $i / self::STEPS), range(0, self::STEPS));
        $most = max($counts);
        $points = array_map(static fn(int $i): string => round(100 * $i / self::STEPS, 2) . ',' . round(100 - 100 * $counts[$i] / max(1, $most), 2), array_keys($counts));
        $all = max(1, count($waiting->visits));
        $looked = array_map(static fn(int $i): string => round(100 * $i / self::STEPS, 2) . ',' . round(100 - 100 * $waiting->endedBy($endS * $i / self::STEPS) / $all, 2), range(0, self::STEPS));
        $times = [];
        $clock = $here->local($here->begins());
        $clock = $clock->setTime((int) $clock->format('G'), 0);
        for (; $clock < $here->begins()->modify(sprintf('+%d seconds', (int) $endS)); $clock = $clock->modify('+' . self::HOUR_MINUTES . ' minutes')) {
            $x = 100 * ((float) $clock->format('U') - (float) $here->begins()->format('U')) / $endS;
            if ($x > 3 && $x < 97) {
                $times[] = new Tick(round($x, 2), Clock::over($here)->minute($clock));
            }
        }

        return new self('0,100 ' . implode(' ', $points) . ' 100,100', implode(' ', $looked), $times, $most, round(100 * $maximumS / $endS, 2));
    }
}
