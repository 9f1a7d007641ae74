<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Geometry\PolynomialFit;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;

/**
 * The temperature as it would have been without an eclipse: a cubic through what was read before first contact, and after last
 * contact and a while of recovery. How far it may bend is known beforehand, from the course of a day.
 */
final readonly class Baseline
{
    /** Farther away from the eclipse a day's course is no cubic any more. */
    public const MOST_MINUTES = 120;
    private const LEAST_READINGS = 4;
    private const DEGREE = 3;
    /** Coefficients of which nothing is known beforehand. */
    private const FREE = 2;
    /** What the scatter is taken for before there are residuals. */
    private const FIRST_NOISE_K = 0.1;
    /** Standard deviations of the coefficients of h² and h³, in K: those of a sine of 24 h with an amplitude of 9 K and 17 K, of which a half each is usual. */
    private const USUAL_BEND = [2 => 0.3, 3 => 0.05];
    /** Huber's robust weights: full within this many standard deviations (Huber, Ann. Math. Stat. 35 (1964) 73). */
    private const HUBER = 1.5;
    private const ROUNDS = 6;

    private function __construct(
        private PolynomialFit $fit,
        private float $middleS,
        public Noise $noise,
        public int $before,
        public int $after,
        public Series $residuals,
    ) {}

    /**
     * @param Series $medians readings a stretch of time each
     * @param float $leastNoiseK below which readings are not believed to lie
     *
     * @return self|null null where there are too few readings outside the eclipse
     */
    public static function outside(Series $medians, EclipseTimes $times, float $recoveryS, float $leastNoiseK): ?self
    {
        $reachS = 60.0 * self::MOST_MINUTES;
        $before = $medians->between($times->c1S - $reachS, $times->c1S);
        $after = $medians->between($times->c4S + $recoveryS, $times->c4S + $recoveryS + $reachS);
        $outside = $before->with($after);
        if ($outside->count() < self::LEAST_READINGS) {
            return null;
        }
        $hour = static fn(float $atS): float => ($atS - $times->maximumS) / 3600;
        $noise = Noise::of(max($leastNoiseK, self::FIRST_NOISE_K), 0.0);
        $residuals = $outside->map(static fn(): float => 0.0);
        for ($round = 1; ; ++$round) {
            $fit = self::fit(array_map($hour, $outside->atS), $outside, $residuals, $noise);
            if ($fit === null) {
                return null;
            }
            $residuals = $outside->map(static fn(float $atS, float $value): float => $value - $fit->polynomial->at($hour($atS)));
            $found = Noise::in($residuals, self::FREE);
            $noise = Noise::of(max($leastNoiseK, $found->rms), $found->correlation);
            if ($round === self::ROUNDS) {
                return new self($fit, $times->maximumS, $noise, $before->count(), $after->count(), $residuals);
            }
        }
    }

    /** @param list<float> $hours of the readings outside */
    private static function fit(array $hours, Series $outside, Series $residuals, Noise $noise): ?PolynomialFit
    {
        $variance = $noise->variance();
        $edge = self::HUBER * $noise->rms;
        $weights = array_map(static fn(float $r): float => min(1.0, $edge / max($edge, abs($r))) / $variance, $residuals->values);

        return PolynomialFit::of($hours, $outside->values, $weights, self::DEGREE, [0.0, 0.0, self::USUAL_BEND[2] ** -2, self::USUAL_BEND[3] ** -2]);
    }

    public function at(float $atS): float
    {
        return $this->fit->polynomial->at(($atS - $this->middleS) / 3600);
    }

    public function variance(float $atS): float
    {
        return $this->fit->variance(($atS - $this->middleS) / 3600);
    }

    /** Of the slope, in (K/h)². */
    public function slopeVariance(float $atS): float
    {
        return $this->fit->slopeVariance(($atS - $this->middleS) / 3600);
    }
}
