<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/**
 * A Poisson series: Σ Tⁿ·Σ A·sin(p₀ + p₁T + p₂T² + p₃T³ + p₄T⁴), as both theories used here are written.
 *
 * Most terms are too small for the higher powers of their phase to be felt; the data files keep those apart as
 * "steady" terms (A, p₀, p₁) because they are twice as quick to sum.
 *
 * @phpstan-type Terms array{
 *     drifting: list<array{float, float, float, float, float, float}>,
 *     steady: list<array{float, float, float}>,
 * }
 */
final readonly class PeriodicSeries
{
    /** @param list<Terms> $powers the terms that go with T⁰, T¹, … */
    public function __construct(private array $powers) {}

    /** The sum at T Julian centuries since J2000, in the unit of the amplitudes. */
    public function at(float $t): float
    {
        $total = 0.0;
        for ($power = count($this->powers) - 1; $power >= 0; --$power) {
            $sum = 0.0;
            foreach ($this->powers[$power]['drifting'] as [$a, $p0, $p1, $p2, $p3, $p4]) {
                $sum += $a * sin($p0 + $t * ($p1 + $t * ($p2 + $t * ($p3 + $t * $p4))));
            }
            foreach ($this->powers[$power]['steady'] as [$a, $p0, $p1]) {
                $sum += $a * sin($p0 + $p1 * $t);
            }
            $total = $total * $t + $sum;
        }

        return $total;
    }

    /**
     * The sums at a few moments within four hours of T, for half the price of as many single ones.
     *
     * The drifting terms, few and large, are summed anew at every moment. A steady term is so small that its Taylor
     * series to the second power serves: what is left out stays below 0.0003″ (0.0016 km) a term.
     *
     * @param list<float> $offsets Julian centuries to add to T
     *
     * @return list<float> one sum for each offset
     */
    public function near(float $t, array $offsets): array
    {
        $totals = array_map(static fn(): float => 0.0, $offsets);
        for ($power = count($this->powers) - 1; $power >= 0; --$power) {
            $value = $slope = $bend = 0.0;
            foreach ($this->powers[$power]['steady'] as [$a, $p0, $p1]) {
                $phase = $p0 + $p1 * $t;
                $sine = $a * sin($phase);
                $value += $sine;
                $slope += $a * $p1 * cos($phase);
                $bend -= $sine * $p1 * $p1;
            }
            foreach ($offsets as $k => $offset) {
                $moment = $t + $offset;
                $sum = $value + $offset * ($slope + $offset * $bend / 2);
                foreach ($this->powers[$power]['drifting'] as [$a, $p0, $p1, $p2, $p3, $p4]) {
                    $sum += $a * sin($p0 + $moment * ($p1 + $moment * ($p2 + $moment * ($p3 + $moment * $p4))));
                }
                $totals[$k] = $totals[$k] * $moment + $sum;
            }
        }

        return array_values($totals);
    }

    /** The sum of the few largest terms: enough for a light-time. */
    public function roughly(float $t): float
    {
        $sum = 0.0;
        foreach (array_slice($this->powers[0]['drifting'], 0, 20) as [$a, $p0, $p1]) {
            $sum += $a * sin($p0 + $p1 * $t);
        }
        foreach (array_slice($this->powers[0]['steady'], 0, 20) as [$a, $p0, $p1]) {
            $sum += $a * sin($p0 + $p1 * $t);
        }

        return $sum;
    }
}
