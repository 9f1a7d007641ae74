<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Picture;

use KeenShadow\Core\Geometry\FourierGrid;
use KeenShadow\Core\Sky\LimbDarkening;
use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Optics\ThrownImage;

/**
 * What stands on the screen: illuminance in lux on a square of 256 × 256 points, the Sun in its middle, row by row from the top.
 *
 * The Sun, darker towards its edge and bitten by the Moon, is convolved with the opening's patch of a point and with the Airy
 * pattern of a round opening (Goodman, Introduction to Fourier Optics, ch. 6, from memory; for other shapes that of a round one as wide). The
 * sum is done in frequencies on a grid of 64, or of 128 where the blur is small, and drawn finer by cubics (Keys, IEEE Trans. ASSP 29
 * (1981) 1153, from memory). No light is lost: what diffraction throws beyond the frame comes in again at the other side.
 */
final readonly class SimulatedImage
{
    public const SIDE = 256;
    private const COARSE = 64;
    private const FINE = 128;
    /** On the coarse grid a blur must be so many points wide. */
    private const POINTS_PER_BLUR = 6;
    /** Samples across a point through which an edge goes. */
    private const SAMPLES = 6;
    /** A Sun of fewer points in its radius is sampled all over, so many times across. */
    private const SMALL_POINTS = 8;
    private const SAMPLES_OF_SUN = 180;
    /** Samples across the opening's patch at least. */
    private const PATCH_SAMPLES = 32;

    /**
     * @param list<list<float>> $lux without stray light
     * @param float $wholeLx about what the middle of the whole Sun's image has, its light spread over image and blur
     */
    private function __construct(
        public float $frameMm,
        public array $lux,
        public float $strayLx,
        public float $wholeLx,
    ) {}

    public static function of(ThrownImage $image, HoleShape $shape, BittenSun $sun, float $strayLx): self
    {
        $frameMm = self::frameOf($image);
        // What is not round has points and edges finer than its width.
        $side = $shape === HoleShape::Round && $image->blurMm() / $frameMm * self::COARSE >= self::POINTS_PER_BLUR ? self::COARSE : self::FINE;
        $pointMm = $frameMm / $side;
        $real = self::sun($sun, $side, $image->diameterMm / 2 / $pointMm);
        $imaginary = self::patch($shape, $side, $image->geometricBlurMm / $pointMm);
        $fourier = new FourierGrid($side);
        $fourier->transform($real, $imaginary);
        self::multiply($real, $imaginary, 2.44 / $image->diffractionBlurMm * $frameMm);
        $fourier->transform($real, $imaginary);

        return new self($frameMm, Finer::rows($real, self::SIDE, $image->fluxLm() / ($pointMm * 1e-3) ** 2 / $side ** 2), $strayLx, self::wholeLx($image));
    }

    /** Side of the square: the image with its blur, and some dark about it. */
    public static function frameOf(ThrownImage $image): float
    {
        return 1.05 * ($image->diameterMm + $image->geometricBlurMm + 3 * $image->diffractionBlurMm);
    }

    public function pointMm(): float
    {
        return $this->frameMm / self::SIDE;
    }

    /** All the light on the screen but the stray, in lumens. */
    public function fluxLm(): float
    {
        return array_sum(array_map(array_sum(...), $this->lux)) * ($this->pointMm() * 1e-3) ** 2;
    }

    public function peakLx(): float
    {
        return array_reduce($this->lux, static fn(float $peak, array $row): float => max($peak, ...$row), 0.0);
    }

    private static function wholeLx(ThrownImage $image): float
    {
        return $image->fluxLm() / (M_PI / 4 * ($image->diameterMm ** 2 + $image->blurMm() ** 2) * 1e-6) / LimbDarkening::mean();
    }

    /**
     * The Sun's light on each point, as a share of that of the whole Sun.
     *
     * @return array<int, array<int, float>>
     */
    private static function sun(BittenSun $sun, int $side, float $radiusPoints): array
    {
        if ($radiusPoints < self::SMALL_POINTS) {
            return self::smallSun($sun, $side, $radiusPoints);
        }
        $share = 1 / (M_PI * $radiusPoints ** 2 * LimbDarkening::mean());
        $middle = ($side - 1) / 2;
        $edge = 0.75 / $radiusPoints;
        $rows = [];
        for ($row = 0; $row < $side; ++$row) {
            $y = ($middle - $row) / $radiusPoints;
            $line = array_fill(0, $side, 0.0);
            $reach = (int) ceil(sqrt(max(0.0, ($radiusPoints + 1) ** 2 - ($middle - $row) ** 2)));
            for ($column = max(0, (int) floor($middle - $reach)); $column <= min($side - 1, ceil($middle + $reach)); ++$column) {
                $x = ($column - $middle) / $radiusPoints;
                $line[$column] = $share * ($sun->isNearAnEdge($x, $y, $edge) ? self::sampled($sun, $x, $y, 1 / $radiusPoints) : $sun->brightness($x, $y));
            }
            $rows[] = $line;
        }

        return $rows;
    }

    /** Mean brightness over a point that an edge goes through. */
    private static function sampled(BittenSun $sun, float $x, float $y, float $width): float
    {
        $sum = 0.0;
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            for ($j = 0; $j < self::SAMPLES; ++$j) {
                $sum += $sun->brightness($x + (($i + 0.5) / self::SAMPLES - 0.5) * $width, $y + (($j + 0.5) / self::SAMPLES - 0.5) * $width);
            }
        }

        return $sum / self::SAMPLES ** 2;
    }

    /**
     * The same of a Sun that is hardly wider than a point: sample by sample, each to the point that it lies in.
     *
     * @return array<int, array<int, float>>
     */
    private static function smallSun(BittenSun $sun, int $side, float $radiusPoints): array
    {
        $rows = array_fill(0, $side, array_fill(0, $side, 0.0));
        $middle = ($side - 1) / 2;
        $samples = [];
        $whole = 0.0;
        for ($i = 0; $i < self::SAMPLES_OF_SUN; ++$i) {
            for ($j = 0; $j < self::SAMPLES_OF_SUN; ++$j) {
                [$x, $y] = [2 * ($i + 0.5) / self::SAMPLES_OF_SUN - 1, 2 * ($j + 0.5) / self::SAMPLES_OF_SUN - 1];
                $whole += LimbDarkening::at(hypot($x, $y));
                $brightness = $sun->brightness($x, $y);
                if ($brightness > 0) {
                    $samples[] = [$middle + $x * $radiusPoints, $middle - $y * $radiusPoints, $brightness];
                }
            }
        }
        foreach ($samples as [$column, $row, $brightness]) {
            $rows[(int) round($row)][(int) round($column)] += $brightness / $whole;
        }

        return $rows;
    }

    /**
     * The opening's patch of a point about the first corner, in one piece over the sides that meet there; its sum is 1.
     *
     * @return array<int, array<int, float>>
     */
    private static function patch(HoleShape $shape, int $side, float $widthPoints): array
    {
        $samples = max(self::PATCH_SAMPLES, (int) ceil(2 * $widthPoints));
        $points = [];
        for ($i = 0; $i < $samples; ++$i) {
            for ($j = 0; $j < $samples; ++$j) {
                [$x, $y] = [($i + 0.5) / $samples - 0.5, ($j + 0.5) / $samples - 0.5];
                if ($shape->has($x, $y)) {
                    $points[] = [$x * $widthPoints, -$y * $widthPoints];
                }
            }
        }
        $rows = array_fill(0, $side, array_fill(0, $side, 0.0));
        $weight = 1 / count($points);
        foreach ($points as [$x, $y]) {
            // Shared out between the four points about it.
            [$column, $row] = [(int) floor($x), (int) floor($y)];
            [$right, $down] = [$x - $column, $y - $row];
            $rows[$row & $side - 1][$column & $side - 1] += $weight * (1 - $right) * (1 - $down);
            $rows[$row & $side - 1][$column + 1 & $side - 1] += $weight * $right * (1 - $down);
            $rows[$row + 1 & $side - 1][$column & $side - 1] += $weight * (1 - $right) * $down;
            $rows[$row + 1 & $side - 1][$column + 1 & $side - 1] += $weight * $right * $down;
        }

        return $rows;
    }

    /**
     * From the transform Z of Sun + i·patch to the conjugate of Sun·patch·diffraction: Sun·patch is (Z(k)² − Z̄(−k)²)/4i.
     *
     * @param array<int, array<int, float>> $real
     * @param array<int, array<int, float>> $imaginary
     * @param float $cutoff of the frequencies that the opening passes, in waves a frame
     */
    private static function multiply(array &$real, array &$imaginary, float $cutoff): void
    {
        $side = count($real);
        [$re, $im] = [$real, $imaginary];
        for ($i = 0; $i < $side; ++$i) {
            $other = -$i & $side - 1;
            $rise = min($i, $side - $i) ** 2;
            for ($j = 0; $j < $side; ++$j) {
                $passed = self::passed(sqrt($rise + min($j, $side - $j) ** 2) / $cutoff) / 4;
                [$a, $b] = [$re[$i][$j], $im[$i][$j]];
                [$c, $d] = [$re[$other][-$j & $side - 1], $im[$other][-$j & $side - 1]];
                $real[$i][$j] = $passed * 2 * ($a * $b + $c * $d);
                $imaginary[$i][$j] = $passed * ($a * $a - $b * $b - $c * $c + $d * $d);
            }
        }
    }

    /** What a round opening leaves of a frequency, as a share of its cutoff d/(λL): the overlap of two circles. */
    private static function passed(float $frequency): float
    {
        return $frequency >= 1.0 ? 0.0 : 2 / M_PI * (acos($frequency) - $frequency * sqrt(1 - $frequency ** 2));
    }
}
