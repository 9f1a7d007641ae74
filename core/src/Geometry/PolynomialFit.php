<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/**
 * The polynomial that lies nearest to many points, by weighted least squares over the normal equations, which bear a degree of
 * 3 as long as x is of order one. What is known of a coefficient beforehand may be given as its precision around zero (ridge
 * regression; Hoerl & Kennard, Technometrics 12 (1970) 55).
 */
final readonly class PolynomialFit
{
    /** @param list<list<float>> $covariance of the coefficients, where the weights are one over variances */
    private function __construct(
        public Polynomial $polynomial,
        private array $covariance,
    ) {}

    /**
     * @param list<float> $x
     * @param list<float> $y one for each x
     * @param list<float> $weights one for each x
     * @param int<1, max> $degree
     * @param list<float> $precisions of each coefficient from the constant up, one over its variance around zero; of those left out nothing is known beforehand
     *
     * @return self|null null where the points do not determine it
     */
    public static function of(array $x, array $y, array $weights, int $degree, array $precisions = []): ?self
    {
        $moments = array_fill(0, 2 * $degree + 1, 0.0);
        $right = array_fill(0, $degree + 1, 0.0);
        foreach ($x as $i => $at) {
            $term = $weights[$i];
            foreach ($moments as $power => $sum) {
                $moments[$power] = $sum + $term;
                if ($power <= $degree) {
                    $right[$power] += $term * $y[$i];
                }
                $term *= $at;
            }
        }
        $normal = [];
        for ($row = 0; $row <= $degree; ++$row) {
            $normal[] = array_slice($moments, $row, $degree + 1);
            $normal[$row][$row] += $precisions[$row] ?? 0.0;
        }
        $covariance = SmallMatrix::inverse(array_map(array_values(...), $normal));
        $right = array_values($right);

        return $covariance === null ? null : new self(new Polynomial(array_map(static fn(array $row): float => self::dot($row, $right), $covariance)), $covariance);
    }

    /** Variance of its value at x. */
    public function variance(float $x): float
    {
        return $this->quadratic(self::powers($x, count($this->covariance)));
    }

    /** Variance of its slope at x. */
    public function slopeVariance(float $x): float
    {
        $row = [0.0];
        foreach (self::powers($x, count($this->covariance) - 1) as $power => $term) {
            $row[] = ($power + 1) * $term;
        }

        return $this->quadratic($row);
    }

    /** @param list<float> $row */
    private function quadratic(array $row): float
    {
        return self::dot($row, array_map(static fn(array $of): float => self::dot($of, $row), $this->covariance));
    }

    /** @return list<float> */
    private static function powers(float $x, int $count): array
    {
        $powers = [];
        for ($term = 1.0; count($powers) < $count; $term *= $x) {
            $powers[] = $term;
        }

        return $powers;
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $value) {
            $sum += $value * $b[$i];
        }

        return $sum;
    }
}
