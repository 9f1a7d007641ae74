<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/**
 * The discrete Fourier transform of a square of numbers, whose side is a power of two (Cooley & Tukey, Math. Comp. 19 (1965) 297).
 */
final class FourierGrid
{
    /** @var list<float> */
    private array $cos;
    /** @var list<float> */
    private array $sin;
    /** @var list<int> the place of each index with its bits in the other order */
    private array $places;

    public function __construct(private readonly int $side)
    {
        $this->cos = $this->sin = [];
        $this->places = [0];
        for ($i = 0; $i < $side / 2; ++$i) {
            $this->cos[] = cos(2 * M_PI * $i / $side);
            $this->sin[] = -sin(2 * M_PI * $i / $side);
        }
        for ($half = $side >> 1; $half > 0; $half >>= 1) {
            array_push($this->places, ...array_map(static fn(int $place): int => $place + $half, $this->places));
        }
    }

    /**
     * In place, not scaled: applied to the conjugate and divided by side² it is its own inverse.
     *
     * @param array<int, array<int, float>> $real rows
     * @param array<int, array<int, float>> $imaginary
     */
    public function transform(array &$real, array &$imaginary): void
    {
        for ($pass = 0; $pass < 2; ++$pass) {
            for ($i = 0; $i < $this->side; ++$i) {
                [$real[$i], $imaginary[$i]] = $this->row($real[$i], $imaginary[$i]);
            }
            [$real, $imaginary] = [array_map(null, ...$real), array_map(null, ...$imaginary)];
        }
    }

    /**
     * @param array<int, float> $fromReal
     * @param array<int, float> $fromImaginary
     *
     * @return array{array<int, float>, array<int, float>}
     */
    private function row(array $fromReal, array $fromImaginary): array
    {
        $real = $imaginary = [];
        foreach ($this->places as $place) {
            $real[] = $fromReal[$place];
            $imaginary[] = $fromImaginary[$place];
        }
        for ($length = 2; $length <= $this->side; $length <<= 1) {
            $half = $length >> 1;
            $step = intdiv($this->side, $length);
            for ($k = 0, $turn = 0; $k < $half; ++$k, $turn += $step) {
                $cos = $this->cos[$turn];
                $sin = $this->sin[$turn];
                for ($i = $k; $i < $this->side; $i += $length) {
                    $m = $i + $half;
                    $re = $real[$m] * $cos - $imaginary[$m] * $sin;
                    $im = $real[$m] * $sin + $imaginary[$m] * $cos;
                    $real[$m] = $real[$i] - $re;
                    $imaginary[$m] = $imaginary[$i] - $im;
                    $real[$i] += $re;
                    $imaginary[$i] += $im;
                }
            }
        }

        return [$real, $imaginary];
    }
}
