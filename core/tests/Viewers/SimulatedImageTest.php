<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Viewers;

use KeenShadow\Core\Sky\LimbDarkening;
use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\Lens;
use KeenShadow\Core\Viewers\Optics\Pinhole;
use KeenShadow\Core\Viewers\Picture\BittenSun;
use KeenShadow\Core\Viewers\Picture\SimulatedImage;
use KeenShadow\Core\Viewers\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The simulated image against sums done in another way, and against the limits that optics texts have. */
final class SimulatedImageTest extends TestCase
{
    /** @return iterable<string, array{Pinhole|Lens, HoleShape}> */
    public static function viewers(): iterable
    {
        $light = Light::of();
        yield 'a long tube' => [Pinhole::of(900, 1.2, $light), HoleShape::Round];
        yield 'a tiny hole' => [Pinhole::of(900, 0.1, $light), HoleShape::Round];
        yield 'a hole as wide as the image' => [Pinhole::of(1000, 9, $light), HoleShape::Round];
        yield 'a window' => [Pinhole::of(1000, 60, $light, HoleShape::Square), HoleShape::Square];
        yield 'between fingers' => [Pinhole::of(1500, 8, $light, HoleShape::Slit), HoleShape::Slit];
        yield 'a torn hole' => [Pinhole::of(1500, 6, $light, HoleShape::Ragged), HoleShape::Ragged];
        yield 'a star' => [Pinhole::of(2000, 8, $light, HoleShape::Star), HoleShape::Star];
        yield 'a mirror' => [Pinhole::of(30000, 8, $light), HoleShape::Round];
        yield 'a lens' => [Lens::of(1000, 10, 1000, $light), HoleShape::Round];
    }

    /** The light on the screen is what comes through the opening from the part of the Sun that is not covered, counted on a fine grid. */
    #[DataProvider('viewers')]
    public function testNoLightIsLost(Pinhole|Lens $viewer, HoleShape $shape): void
    {
        $image = $viewer->image();
        foreach ([0.0, 0.3, 0.8, 0.98] as $obscuration) {
            $sun = BittenSun::covered($obscuration, Turn::AsInTheSky);
            $sum = 0.0;
            for ($i = 0; $i < 600; ++$i) {
                for ($j = 0; $j < 600; ++$j) {
                    $sum += $sun->brightness(($i + 0.5) / 300 - 1, ($j + 0.5) / 300 - 1);
                }
            }
            $seen = $sum / 300 ** 2 / M_PI / (1 - LimbDarkening::U / 3);
            $flux = SimulatedImage::of($image, $shape, $sun, 0.0)->fluxLm();
            self::assertEqualsWithDelta($image->fluxLm() * $seen, $flux, $image->fluxLm() * 0.005 * max(0.1, $seen), (string) $obscuration);
        }
    }

    /**
     * The geometric limit: each point of the screen sees the part of the Sun that lies behind the hole. Here that is added up
     * point by point of the hole, with no transform.
     */
    public function testAWideHoleIsGeometry(): void
    {
        $light = Light::of();
        foreach ([HoleShape::Round, HoleShape::Star, HoleShape::Slit] as $shape) {
            $image = Pinhole::of(2000, 9, $light, $shape)->image();
            $sun = BittenSun::covered(0.6, Turn::AsInTheSky);
            $picture = SimulatedImage::of($image, $shape, $sun, 0.0);
            $peak = $picture->peakLx();
            foreach ([[0, 0], [-5, 0], [-7, 3], [-9, -6], [-4, 8], [6, 6], [-11, 0]] as [$x, $y]) {
                $sum = 0.0;
                for ($i = 0; $i < 160; ++$i) {
                    for ($j = 0; $j < 160; ++$j) {
                        [$u, $v] = [($i + 0.5) / 160 - 0.5, ($j + 0.5) / 160 - 0.5];
                        if ($shape->has($u, $v)) {
                            $sum += $sun->brightness(($x - 9 * $u) / ($image->diameterMm / 2), ($y - 9 * $v) / ($image->diameterMm / 2));
                        }
                    }
                }
                // E·(area of hole) spread over the disc's area, weighted by the brightness seen.
                $lux = $sum * (9 / 160) ** 2 * 1e5 / (M_PI * ($image->diameterMm / 2) ** 2 * (1 - LimbDarkening::U / 3));
                self::assertEqualsWithDelta($lux, self::at($picture, $x, $y), 0.015 * $peak, "{$shape->value} {$x} {$y}");
            }
        }
    }

    /** The diffraction limit: a point far away through a tiny hole is an Airy pattern, (2·J₁(v)/v)², dark at 1.22·λ·L/d. */
    public function testATinyHoleIsAnAiryPattern(): void
    {
        $light = Light::of();
        // A stop of 0.01 mm blurs far wider than the Sun is: 268 against 19 mm at 2 m, where the Sun is as good as a point.
        $image = Pinhole::of(2000, 0.01, $light)->image();
        $picture = SimulatedImage::of($image, HoleShape::Round, BittenSun::covered(0.0, Turn::AsInTheSky), 0.0);
        $peak = $picture->peakLx();
        // The middle of an Airy pattern: flux·π·d²/(4·λ²·L²).
        $middle = $image->fluxLm() * M_PI / 4 * (0.01 / (550e-6 * 2000)) ** 2 * 1e6;
        self::assertEqualsWithDelta($middle, $peak, 0.02 * $middle);
        foreach ([0.2, 0.4, 0.6, 0.8, 1.22, 1.635, 2.233] as $inWaves) {
            $radius = $inWaves * 550e-6 * 2000 / 0.01;
            self::assertEqualsWithDelta(self::airy(M_PI * $inWaves), self::at($picture, $radius, 0) / $peak, 0.01, (string) $inWaves);
            self::assertEqualsWithDelta(self::airy(M_PI * $inWaves), self::at($picture, 0, -$radius) / $peak, 0.01, (string) $inWaves);
        }
    }

    /** Without blur the disc is as bright as limb darkening has it: at the edge two fifths of the middle (u = 0.6). */
    public function testTheLimbIsDarker(): void
    {
        $image = Lens::of(1000, 10, 1000, Light::of())->image();
        $picture = SimulatedImage::of($image, HoleShape::Round, BittenSun::covered(0.0, Turn::AsInTheSky), 0.0);
        foreach ([0.0, 0.5, 0.8, 0.9] as $radii) {
            $expected = 1 - 0.6 * (1 - sqrt(1 - $radii ** 2));
            self::assertEqualsWithDelta($expected, self::at($picture, $radii * $image->diameterMm / 2, 0) / self::at($picture, 0, 0), 0.01, (string) $radii);
        }
        self::assertEqualsWithDelta($image->illuminanceLx / 0.8, self::at($picture, 0, 0), 0.01 * $image->illuminanceLx, 'the mean over 1 − u/3');
    }

    /**
     * The Moon stands to the right of the Sun and above it; what is left is then lower left in the sky, upper left on a card with
     * the Sun at one's back, upper right from behind. Totality leaves nothing.
     */
    public function testTheCrescentIsTurnedAsTheImageIs(): void
    {
        $image = Pinhole::of(900, 1.2, Light::of())->image();
        $brightest = static function (Turn $turn) use ($image): array {
            $picture = SimulatedImage::of($image, HoleShape::Round, BittenSun::covered(0.7, $turn), 0.0);
            $at = [];
            foreach ([-1, 1] as $x) {
                foreach ([-1, 1] as $y) {
                    $at["{$x} {$y}"] = self::at($picture, 1.8 * $x, 1.8 * $y);
                }
            }
            arsort($at);
            [$most, $next] = array_values($at);
            self::assertGreaterThan(2 * $next, $most);

            return [array_key_first($at)];
        };
        self::assertSame(['-1 -1'], $brightest(Turn::AsInTheSky));
        self::assertSame(['-1 1'], $brightest(Turn::UpsideDown));
        self::assertSame(['1 1'], $brightest(Turn::HalfTurn));
        self::assertSame(['1 -1'], $brightest(Turn::LeftForRight));
        self::assertLessThan(1e-6 * $image->illuminanceLx, SimulatedImage::of($image, HoleShape::Round, BittenSun::covered(1.0, Turn::AsInTheSky), 0.0)->peakLx());
    }

    /** Lux at a place on the screen, x to the right and y up from its middle, between the four points about it. */
    private static function at(SimulatedImage $picture, float $xMm, float $yMm): float
    {
        $column = $xMm / $picture->pointMm() + (SimulatedImage::SIDE - 1) / 2;
        $row = (SimulatedImage::SIDE - 1) / 2 - $yMm / $picture->pointMm();
        [$c, $r] = [(int) floor($column), (int) floor($row)];
        [$right, $down] = [$column - $c, $row - $r];

        return $picture->lux[$r][$c] * (1 - $right) * (1 - $down) + $picture->lux[$r][$c + 1] * $right * (1 - $down)
            + $picture->lux[$r + 1][$c] * (1 - $right) * $down + $picture->lux[$r + 1][$c + 1] * $right * $down;
    }

    /** (2·J₁(v)/v)², J₁ by its series (Abramowitz & Stegun 9.1.10). */
    private static function airy(float $v): float
    {
        $term = $sum = $v / 2;
        for ($k = 1; $k < 40; ++$k) {
            $term *= -($v / 2) ** 2 / ($k * ($k + 1));
            $sum += $term;
        }

        return (2 * $sum / $v) ** 2;
    }
}
