<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** c₀ + c₁·t + c₂·t² + … */
final readonly class Polynomial
{
    /** @param list<float> $coefficients from the constant upwards */
    public function __construct(public array $coefficients) {}

    public function at(float $t): float
    {
        $sum = 0.0;
        for ($i = count($this->coefficients) - 1; $i >= 0; --$i) {
            $sum = $sum * $t + $this->coefficients[$i];
        }

        return $sum;
    }

    /** The coefficient of t^power, 0 beyond the degree. */
    public function coefficient(int $power): float
    {
        return $this->coefficients[$power] ?? 0.0;
    }

    /** The same moved up by a constant. */
    public function plus(float $constant): self
    {
        return new self([$this->coefficient(0) + $constant, ...array_slice($this->coefficients, 1)]);
    }

    public function times(float $factor): self
    {
        return new self(array_map(static fn(float $c): float => $c * $factor, $this->coefficients));
    }

    public function derivative(): self
    {
        $d = [];
        foreach ($this->coefficients as $power => $c) {
            if ($power > 0) {
                $d[] = $power * $c;
            }
        }

        return new self($d === [] ? [0.0] : $d);
    }
}
