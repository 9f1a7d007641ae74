<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;

/**
 * A cloud that came beside an eclipse: a bell over time, which together with a response goes best with a curve. Fitted at once, for
 * where it comes at the minimum a response alone bends to take it in.
 */
final readonly class Cloud
{
    /** Standard deviation, and from one to the next: minutes. */
    private const SIGMAS_MIN = [3 => 4, 6 => 6, 9 => 9];
    /** Minutes from the maximum. */
    private const AT_MIN = [-24, 40];
    /** Of the response beside it. */
    private const DELAY_STEP_MIN = 2;
    /** Beyond so many σ a bell is nothing. */
    private const REACH = 3.2;
    private const LEAST_POINTS = 3;
    /** Below this share of its own a bell and a response are one. */
    private const APART = 1e-6;

    /**
     * @param float $coolsK at its deepest; negative where it warms, as the Sun between clouds
     * @param float $gain by how much the sum of squares is less with it, in K²
     */
    private function __construct(
        public float $coolsK,
        public float $gain,
    ) {}

    /** @param Series $curve temperature minus baseline */
    public static function beside(Series $curve, EclipseTimes $times): self
    {
        $points = Response::points($curve);
        $bells = self::bells($points, $times);
        [$alone, $most, $coolsK] = [0.0, 0.0, 0.0];
        foreach (Response::candidates($points, $times, self::DELAY_STEP_MIN) as [$shares, $product, $square]) {
            $alone = max($alone, $product * $product / $square);
            foreach ($bells as [$bell, $bellProduct, $bellSquare]) {
                $both = 0.0;
                foreach ($bell as $i => $height) {
                    $both += $height * $shares[$i];
                }
                // Least squares with two unknowns.
                $determinant = $square * $bellSquare - $both * $both;
                if ($determinant < self::APART * $square * $bellSquare) {
                    continue;
                }
                $depth = ($product * $bellSquare - $bellProduct * $both) / $determinant;
                $cools = ($bellProduct * $square - $product * $both) / $determinant;
                $taken = $depth * $product + $cools * $bellProduct;
                if ($depth > 0.0 && $taken > $most) {
                    [$most, $coolsK] = [$taken, $cools];
                }
            }
        }

        return new self($coolsK, max(0.0, $most - $alone));
    }

    /** @return list<array{array<int, float>, float, float}> height at points, its product with the cooling there, its square */
    private static function bells(Series $points, EclipseTimes $times): array
    {
        $bells = [];
        foreach (self::SIGMAS_MIN as $sigmaMin => $stepMin) {
            for ($atMin = self::AT_MIN[0]; $atMin <= self::AT_MIN[1]; $atMin += $stepMin) {
                [$bell, $product, $square] = [[], 0.0, 0.0];
                foreach ($points->atS as $i => $atS) {
                    $sigmas = (($atS - $times->maximumS) / 60 - $atMin) / $sigmaMin;
                    if (abs($sigmas) < self::REACH) {
                        $bell[$i] = exp(-0.5 * $sigmas * $sigmas);
                        $product -= $bell[$i] * $points->values[$i];
                        $square += $bell[$i] * $bell[$i];
                    }
                }
                if (count($bell) >= self::LEAST_POINTS) {
                    $bells[] = [$bell, $product, $square];
                }
            }
        }

        return $bells;
    }
}
