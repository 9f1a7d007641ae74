<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/**
 * Polynomials through function values at Chebyshev nodes of an interval −h … +h.
 *
 * The nodes h·cos(π(k + ½)/n) make the discrete Chebyshev sums exact, so a lower degree is had by leaving terms
 * out and is then close to the best approximation of that degree (Press et al., Numerical Recipes, ch. 5.8).
 */
final readonly class ChebyshevFit
{
    public function __construct(
        private int $nodes,
        private float $halfWidth,
    ) {}

    /** @return list<float> the places where values are wanted, in the unit of the half width */
    public function nodes(): array
    {
        $at = [];
        for ($k = 0; $k < $this->nodes; ++$k) {
            $at[] = $this->halfWidth * cos(M_PI * ($k + 0.5) / $this->nodes);
        }

        return $at;
    }

    /**
     * @param list<float> $values one for each node, in the order of nodes()
     * @param int $degree at most nodes − 1
     */
    public function polynomial(array $values, int $degree): Polynomial
    {
        $previous = [1.0];
        $current = [0.0, 1.0];
        $sum = array_fill(0, $degree + 1, 0.0);
        for ($j = 0; $j <= $degree; ++$j) {
            $c = 0.0;
            foreach ($values as $k => $value) {
                $c += $value * cos(M_PI * $j * ($k + 0.5) / $this->nodes);
            }
            $c *= ($j === 0 ? 1 : 2) / $this->nodes;
            foreach ($previous as $power => $t) {
                $sum[$power] += $c * $t / $this->halfWidth ** $power;
            }
            [$previous, $current] = [$current, self::next($previous, $current)];
        }

        return new Polynomial(array_values($sum));
    }

    /**
     * T(j+1) = 2x·T(j) − T(j−1), as coefficients.
     *
     * @param list<float> $before
     * @param list<float> $now
     *
     * @return list<float>
     */
    private static function next(array $before, array $now): array
    {
        $next = [0.0];
        foreach ($now as $power => $c) {
            $next[$power + 1] = 2 * $c;
        }
        foreach ($before as $power => $c) {
            $next[$power] -= $c;
        }

        return array_values($next);
    }
}
