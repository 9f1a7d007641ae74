<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Geometry\TwoCircles;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;

/**
 * How air answers an eclipse, if nothing else happens: it cools with the light that is missing, late by a delay and by a time
 * of relaxation (Newton's law of cooling), more or less steeply. Depth of the eclipse, power, delay and relaxation are those that go
 * best with the readings.
 *
 * It is a guide for the eye of the sum, not the answer: what it leaves of the readings is smoothed and put back.
 */
final readonly class Response
{
    private const STEP_S = 30.0;
    /** Hours after last contact within which the air has come back. */
    private const AFTER_S = 7200.0;
    private const MAGNITUDES = [0.3, 0.6, 0.8, 0.9, 1.0];
    private const POWERS = [0.7, 1.0, 1.5, 2.0, 3.0];
    private const RELAXATIONS_MIN = [0, 4, 8, 14, 22, 32];
    /** Standard deviations of bells, as shares of half the eclipse. */
    private const BELLS = [0.26, 0.3, 0.34, 0.38, 0.42];
    private const DELAYS_MIN = [-5, 25];
    /** Bells begin before the eclipse. */
    private const LEAD_S = 1800.0;
    /** Between the readings that it is fitted to. */
    public const FITTED_S = 240.0;

    /**
     * @param list<float> $samples share of its deepest, every STEP_S from LEAD_S before first contact on
     */
    private function __construct(
        private array $samples,
        private float $fromS,
        private float $delayS,
        public float $depthK,
    ) {}

    /** @param Series $curve temperature minus baseline */
    public static function fitted(Series $curve, EclipseTimes $times): self
    {
        $best = self::none();
        $most = 0.0;
        foreach (self::candidates(self::points($curve), $times) as [$_, $product, $square, $samples, $delayS]) {
            // By so much is the sum of squares less with it.
            if ($product * $product / $square > $most) {
                $most = $product * $product / $square;
                $best = new self($samples, $times->c1S - self::LEAD_S, $delayS, $product / $square);
            }
        }

        return $best;
    }

    /** Of a curve, what responses are fitted to. */
    public static function points(Series $curve): Series
    {
        return $curve->medians(self::FITTED_S);
    }

    /**
     * All responses that are thought possible and cool.
     *
     * @param Series $points temperature minus baseline
     * @param int $everyMin from one delay to the next
     *
     * @return iterable<array{list<float>, float, float, list<float>, float}> at each point the share s of its deepest; Σs·cooling, Σs²; samples and delay that make it
     */
    public static function candidates(Series $points, EclipseTimes $times, int $everyMin = 1): iterable
    {
        $places = array_map(static fn(float $atS): float => ($atS - $times->c1S + self::LEAD_S) / self::STEP_S, $points->atS);
        $indices = array_map(static fn(float $place): int => (int) floor($place), $places);
        foreach (self::forms($times) as $samples) {
            for ($delayMin = self::DELAYS_MIN[0]; $delayMin <= self::DELAYS_MIN[1]; $delayMin += $everyMin) {
                $steps = (int) (60 * $delayMin / self::STEP_S);
                [$shares, $product, $square] = [[], 0.0, 0.0];
                // As share() does, without a call for each of a quarter of a million.
                foreach ($indices as $i => $index) {
                    $from = $samples[$index - $steps] ?? 0.0;
                    $shares[] = $share = $from + ($places[$i] - $index) * (($samples[$index - $steps + 1] ?? 0.0) - $from);
                    $product -= $share * $points->values[$i];
                    $square += $share * $share;
                }
                if ($product > 0.0) {
                    yield [$shares, $product, $square, $samples, 60.0 * $delayMin];
                }
            }
        }
    }

    public static function none(): self
    {
        return new self([0.0], 0.0, 0.0, 0.0);
    }

    /** By how much it is colder, negative, in K. */
    public function at(float $atS): float
    {
        return -$this->depthK * $this->share($atS - $this->delayS);
    }

    private function share(float $atS): float
    {
        $place = ($atS - $this->fromS) / self::STEP_S;
        $index = (int) floor($place);
        $from = $this->samples[$index] ?? 0.0;

        return $from + ($place - $index) * (($this->samples[$index + 1] ?? 0.0) - $from);
    }

    /** @return iterable<list<float>> */
    private static function forms(EclipseTimes $times): iterable
    {
        foreach (self::MAGNITUDES as $magnitude) {
            $covered = self::covered($times, $magnitude);
            foreach (self::POWERS as $power) {
                $missing = array_map(static fn(float $share): float => $share ** $power, $covered);
                foreach (self::RELAXATIONS_MIN as $relaxationMin) {
                    yield self::relaxed($missing, 60.0 * $relaxationMin);
                }
            }
        }
        foreach (self::BELLS as $sigma) {
            yield self::bell($times, $sigma * ($times->c4S - $times->c1S) / 2);
        }
    }

    /** @return list<float> */
    private static function bell(EclipseTimes $times, float $sigmaS): array
    {
        $bell = [];
        foreach (self::moments($times) as $atS) {
            $bell[] = exp(-0.5 * (($atS - $times->maximumS) / $sigmaS) ** 2);
        }

        return $bell;
    }

    /** @return list<float> of samples */
    private static function moments(EclipseTimes $times): array
    {
        return range($times->c1S - self::LEAD_S, $times->c4S + self::AFTER_S, self::STEP_S);
    }

    /**
     * The covered share of a Sun by a Moon of the same size that passes it evenly before the maximum and after it, touching at the contacts.
     *
     * @return list<float>
     */
    private static function covered(EclipseTimes $times, float $magnitude): array
    {
        $nearest = 2 - 2 * $magnitude;
        $way = sqrt(4 - $nearest * $nearest);
        $covered = [];
        foreach (self::moments($times) as $atS) {
            $half = $atS < $times->maximumS ? $times->maximumS - $times->c1S : $times->c4S - $times->maximumS;
            $covered[] = TwoCircles::coveredFraction(1.0, 1.0, hypot($nearest, $way * ($atS - $times->maximumS) / $half));
        }

        return $covered;
    }

    /**
     * @param list<float> $missing
     *
     * @return list<float> 1 at its deepest
     */
    private static function relaxed(array $missing, float $relaxationS): array
    {
        $share = $relaxationS > 0.0 ? 1 - exp(-self::STEP_S / $relaxationS) : 1.0;
        [$now, $deepest] = [0.0, 0.0];
        $answer = [];
        foreach ($missing as $target) {
            $now += $share * ($target - $now);
            $deepest = max($deepest, $now);
            $answer[] = $now;
        }

        return array_map(static fn(float $answered): float => $answered / $deepest, $answer);
    }
}
