<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Light;

use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;
use KeenShadow\Core\Logbook\Temperature\Baseline;

/**
 * Readings of a light meter beside what a clear sky would have given: one factor for haze, surroundings and the meter itself, from the
 * readings outside the eclipse; what falls short of it by more than a fifth is cloud.
 */
final readonly class LightCurve
{
    private const MINUTE_S = 60.0;
    /** Minutes outside the eclipse that tell the factor. */
    public const LEAST_MIN = 10;
    /** Within so much of what was expected it was clear. */
    public const CLEAR_WITHIN = 0.2;
    /** Of the minutes of an eclipse, that make a log worth something. */
    private const CLEAR_SHARE = 0.8;
    /** With less light the Sun is too low, or too covered, for a factor to be told. */
    private const LEAST_LUX = 500.0;

    /**
     * @param Series $measured lux, one reading a minute or as often as there are any
     * @param Series $expected lux, at the same times, the factor in
     * @param float|null $factor null where there is too little outside the eclipse
     * @param float|null $clearShare of the minutes of the eclipse
     */
    private function __construct(
        public Series $measured,
        public Series $expected,
        public ?float $factor,
        public ?float $clearShare,
    ) {}

    public static function of(Series $log, EclipseTimes $times, ClearSky $sky): self
    {
        $reachS = 60.0 * Baseline::MOST_MINUTES;
        $measured = $log->between($times->c1S - $reachS, $times->c4S + $reachS)->medians(max(self::MINUTE_S, $log->stepS()));
        $clear = $measured->map(static fn(float $atS): float => $sky->luxAt($atS));
        $factors = [];
        foreach ($measured->atS as $i => $atS) {
            if (($atS < $times->c1S || $atS > $times->c4S) && $clear->values[$i] >= self::LEAST_LUX) {
                $factors[] = $measured->values[$i] / $clear->values[$i];
            }
        }
        if (count($factors) * $measured->stepS() < 60 * self::LEAST_MIN) {
            return new self($measured, $clear, null, null);
        }
        $factor = Series::median($factors);
        $expected = $clear->map(static fn(float $atS, float $lux): float => $factor * $lux);

        return new self($measured, $expected, $factor, self::clearShare($measured, $expected, $times));
    }

    /** Whether it shows the eclipse rather than clouds; null where it cannot be told. */
    public function isClear(): ?bool
    {
        return $this->clearShare === null ? null : self::isEnough($this->clearShare);
    }

    /** @param float $clearShare of the minutes of an eclipse */
    public static function isEnough(float $clearShare): bool
    {
        return $clearShare >= self::CLEAR_SHARE;
    }

    private static function clearShare(Series $measured, Series $expected, EclipseTimes $times): ?float
    {
        [$clear, $all] = [0, 0];
        foreach ($measured->atS as $i => $atS) {
            if ($atS >= $times->c1S && $atS <= $times->c4S && $expected->values[$i] >= self::LEAST_LUX) {
                ++$all;
                $clear += abs($measured->values[$i] / $expected->values[$i] - 1) <= self::CLEAR_WITHIN ? 1 : 0;
            }
        }

        return $all === 0 ? null : $clear / $all;
    }
}
