<?php

declare(strict_types=1);

namespace App\Devices\Logbook;

use DateTimeImmutable;
use KeenShadow\Core\Logbook\Light\ClearSky;
use KeenShadow\Core\Logbook\Light\Sensor;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\SunTrack;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a logger would write in an eclipse at a place, for the simulated one and the demo: weather, drop, lag and haze are invented, Sun and Moon computed. */
final readonly class SampleLog
{
    private const HAZE = 0.85;
    private const SWING_K = 5.0;
    private const GUST_K = 0.06;
    /** How much of a gust is left a minute later. */
    private const GUST_LASTS = 0.8;
    private const NOISY = 8;
    private const DRIFT_K_PER_HOUR = 0.7;

    public function __construct(
        private LocalEclipse $here,
        private float $dropK,
        private float $lagMin,
        private LogFault $fault,
        private int $seed,
        private float $meanC = 24.0,
    ) {}

    /**
     * @param int<1, max> $everyS
     *
     * @return iterable<array{DateTimeImmutable, float, float, float}> moment, °C, lx, hPa
     */
    public function readings(int $everyS): iterable
    {
        $random = new Randomizer(new Mt19937($this->seed));
        [$from, $to] = [$this->here->begins()->modify('-2 hours'), $this->here->ends()->modify('+2 hours')];
        $sky = new ClearSky(SunTrack::over($this->here->eclipse, $this->here->observer, $from->modify('-1 hour'), $to), Sensor::Flat);
        $maximumS = (int) $this->here->circumstances->maximum->time()->format('U');
        $gust = 0.0;
        $kept = self::GUST_LASTS ** ($everyS / 60);
        for ($at = $from; $at <= $to; $at = $at->modify("+{$everyS} seconds")) {
            $second = (int) $at->format('U');
            $gust = $kept * $gust + sqrt(1 - $kept ** 2) * self::GUST_K * $this->times() * $this->scatter($random);
            if ($this->fault === LogFault::Gap && abs($second - $maximumS - 60 * $this->lagMin) < 900) {
                continue;
            }
            $covered = $this->here->at($at->modify(sprintf('-%d seconds', (int) (60 * $this->lagMin))))->obscuration();
            $drift = $this->fault === LogFault::Drift ? self::DRIFT_K_PER_HOUR * ($second - $maximumS) / 3600 : 0.0;
            yield [
                $at,
                round($this->meanC + $this->course($at) - $this->dropK * $covered + $gust + $drift, 2),
                round(max(0.0, self::HAZE * $sky->luxAt((float) $second) * (1 + 0.01 * $this->times() * $this->scatter($random))) + 1, 0),
                round(1016.2 + 0.3 * cos(2 * M_PI * $second / 43200) + 0.05 * $this->scatter($random), 2),
            ];
        }
    }

    /** A day's course by the Sun's time: warmest in the afternoon, two and a half hours after noon. */
    private function course(DateTimeImmutable $at): float
    {
        $hours = fmod((int) $at->format('U') / 3600 + $this->here->observer->lonDeg / 15, 24);

        return self::SWING_K * cos(2 * M_PI * ($hours - 14.5) / 24);
    }

    private function times(): int
    {
        return $this->fault === LogFault::Noise ? self::NOISY : 1;
    }

    /** Like a normal distribution of standard deviation 1: twelve even ones added up. */
    private function scatter(Randomizer $random): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; ++$i) {
            $sum += $random->getInt(0, 1000000) / 1000000;
        }

        return $sum;
    }
}
