<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Viewers;

use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\EyepieceProjection;
use KeenShadow\Core\Viewers\Optics\FoldedPath;
use KeenShadow\Core\Viewers\Optics\Heat;
use KeenShadow\Core\Viewers\Optics\Lens;
use KeenShadow\Core\Viewers\Optics\Pinhole;
use KeenShadow\Core\Viewers\Optics\PinholeCriterion;
use KeenShadow\Core\Viewers\Surroundings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OpticsTest extends TestCase
{
    public function testImageIsTheDistanceOverAboutAHundredAndNine(): void
    {
        // Common practice, no source: image = distance/109 or so; a 36-inch tube gives about a third of an inch.
        foreach ([31.45, 32.53] as $arcmin) {
            // Astronomical Almanac, from memory: the Sun is 31′27″ to 32′32″ wide.
            $light = Light::of($arcmin);
            self::assertEqualsWithDelta(1000 / 109, Pinhole::of(1000, 1, $light)->image()->diameterMm, 0.3);
            self::assertEqualsWithDelta(25.4 / 3, Pinhole::of(36 * 25.4, 1, $light)->image()->diameterMm, 0.25);
        }
    }

    public function testBestHoles(): void
    {
        // Common practice, no source: 1.2 mm at 900 mm from a table, about 1 mm at 36 inches: the schools lie on both sides.
        $light = Light::of();
        $at900 = array_map(static fn(PinholeCriterion $s): float => $s->bestHoleMm(900, $light), PinholeCriterion::cases());
        self::assertLessThan(1.0, min($at900));
        self::assertGreaterThan(1.2, max($at900));

        // Where the hole equals its Airy disc (2.44·λ·L/d), the second school has its best hole.
        $best = PinholeCriterion::EqualBlur->bestHoleMm(900, $light);
        self::assertEqualsWithDelta($best, Pinhole::of(900, $best, $light)->image()->diffractionBlurMm, 0.01);
        foreach ([0.6, 0.9, 1.2, 1.8] as $factor) {
            self::assertGreaterThanOrEqual(
                Pinhole::of(900, $best, $light)->image()->blurMm() * 0.999,
                Pinhole::of(900, $best * $factor, $light)->image()->blurMm(),
            );
        }
    }

    /**
     * Source: worked by hand from the published formulas: Airy disc 2.44·λ·L/d at 550 nm (Young 1971; from memory), in
     * quadrature with the hole; E·(d/D)²; one blur width as the smallest bite. The Sun is 31.5′ wide.
     *
     * @return iterable<string, array{float, float, float, float, float, float, float}> distance, hole, image, diffraction, blur, lux of 100 000, bite
     */
    public static function worked(): iterable
    {
        yield 'long tube' => [900, 1.2, 8.2467, 1.0065, 1.5662, 2117.4, 0.18992];
        yield 'shoe box' => [300, 0.6, 2.7489, 0.6710, 0.9001, 4764.1, 0.32745];
        yield 'across a yard' => [20000, 8, 183.26, 3.3550, 8.6750, 190.57, 0.04734];
    }

    #[DataProvider('worked')]
    public function testTheFiguresOfAHoleAreThoseOfTheFormulas(float $distance, float $hole, float $imageMm, float $diffraction, float $blur, float $lux, float $bite): void
    {
        $image = Pinhole::of($distance, $hole, Light::of(31.5))->image();

        self::assertEqualsWithDelta($imageMm, $image->diameterMm, $imageMm * 0.0005);
        self::assertEqualsWithDelta($diffraction, $image->diffractionBlurMm, $diffraction * 0.0005);
        self::assertEqualsWithDelta($blur, $image->blurMm(), $blur * 0.0005);
        self::assertEqualsWithDelta($lux, $image->illuminanceLx, $lux * 0.002);
        self::assertEqualsWithDelta($bite, $image->smallestBite(), 0.0005);
        self::assertEqualsWithDelta(1 / $bite, $image->detailsAcross(), 0.02);
        self::assertEqualsWithDelta($lux / 15000, $image->contrast(Surroundings::Open), $lux / 15000 * 0.002);
        // 15° an hour: π/12 of the distance.
        self::assertEqualsWithDelta($distance * M_PI / 12 / 60, $image->speedMmPerMin(), 1e-9 * $distance);
    }

    /** Properties: longer is bigger and dimmer; a bigger hole is brighter; darker surroundings show more. */
    public function testTradeOffs(): void
    {
        $light = Light::of();
        for ($distance = 200.0; $distance < 20000; $distance *= 1.5) {
            $near = Pinhole::of($distance, 1.0, $light)->image();
            $far = Pinhole::of($distance * 1.5, 1.0, $light)->image();
            self::assertGreaterThan($near->diameterMm, $far->diameterMm);
            self::assertLessThan($near->illuminanceLx, $far->illuminanceLx);
            self::assertGreaterThan($far->illuminanceLx, Pinhole::of($distance * 1.5, 1.2, $light)->image()->illuminanceLx);
            $contrasts = array_map($near->contrast(...), [Surroundings::Open, Surroundings::OwnShadow, Surroundings::Box, Surroundings::LinedTube]);
            $sorted = $contrasts;
            sort($sorted);
            self::assertSame($sorted, $contrasts);
        }
        self::assertSame(100000.0, Pinhole::of(300, 10, $light)->image()->illuminanceLx, 'never brighter than the Sun itself');
    }

    /**
     * A reading lens of one dioptre focuses at 1 m (common practice, no source). Its image is 2·f·tan(s/2), worked by hand for 32′:
     * 9.3085 mm; 10 mm of stop put (10/9.3085)² of the Sun on it.
     */
    public function testAReadingLens(): void
    {
        $lens = Lens::of(1000, 10, 1000, Light::of());
        self::assertSame(1.0, $lens->dioptres());
        self::assertSame(1000.0, $lens->focusMm());
        self::assertEqualsWithDelta(9.3085, $lens->image()->diameterMm, 0.0005);
        self::assertSame(0.0, $lens->image()->geometricBlurMm);
        self::assertEqualsWithDelta(115410, $lens->image()->illuminanceLx, 30);
        // By thin lenses the patch of a point is as much of the stop as the screen is off, of the focal length.
        self::assertEqualsWithDelta(1.0, Lens::of(900, 10, 1000, Light::of())->image()->geometricBlurMm, 1e-9);
        self::assertEqualsWithDelta(1.0, Lens::of(1100, 10, 1000, Light::of())->image()->geometricBlurMm, 1e-9);
        $off = Lens::of(1000 + $lens->focusDepthMm(), 10, 1000, Light::of())->image();
        self::assertEqualsWithDelta($lens->image()->diffractionBlurMm, $off->geometricBlurMm, 1e-9, 'as far off as diffraction blurs');
        // Green in focus at 1 m: blue lies f/(2·58) before it, where the cone of 10 mm is 0.086 mm wide.
        self::assertEqualsWithDelta(Lens::of(1000 - 1000 / 116, 10, 1000, Light::of())->image()->geometricBlurMm, $lens->colourBlurMm(), 1e-9);
    }

    /**
     * Worked by hand with thin lenses: at P from an eyepiece of focal length f the image at the focus is drawn P/f − 1 times as
     * large (m = v/f − 1, any optics text). 700 mm, 60 mm, 20 mm, 300 mm, Sun 32′: 6.516 mm × 14 = 91.22 mm; π/4·0.06²·1000 =
     * 2.827 W on 33.35 mm².
     */
    public function testAnEyepieceProjects(): void
    {
        $projection = EyepieceProjection::of(300, 700, 60, 20, Light::of());
        $image = $projection->image();
        self::assertEqualsWithDelta(6.516, $projection->focusImageMm(), 0.001);
        self::assertEqualsWithDelta(91.22, $image->diameterMm, 0.01);
        self::assertEqualsWithDelta(2.8274, $projection->powerW(), 0.0001);
        self::assertEqualsWithDelta(0.08479, $projection->irradianceWPerMm2(), 0.00002);
        self::assertEqualsWithDelta(1e5 * (60 / 91.22) ** 2, $image->illuminanceLx, 10);
        self::assertSame(Heat::Scorches, $projection->heatAtFocus());
        self::assertSame(Heat::Warms, $projection->heatOnScreen());
        self::assertTrue($projection->takesWholeSun());
        self::assertFalse(EyepieceProjection::of(300, 2000, 60, 20, Light::of())->takesWholeSun());
        // The Sun moves its own width of 32′ in 128 s (15″ a second): so long the image takes for its own width.
        self::assertEqualsWithDelta(128.0, $projection->secondsInField(2 * $image->diameterMm), 0.01);
        self::assertEqualsWithDelta(32 / 60, $projection->fieldDeg($image->diameterMm), 1e-6);
        // A lens instead of objective and eyepiece that throws as large an image is as far away as it seems.
        self::assertEqualsWithDelta(Light::of()->imageMm($projection->effectiveFocalMm()), $image->diameterMm, 1e-9);
    }

    /** Radiation in kW/m² and what it does, from memory: 4 hurts, 12.5 melts, 25 sets on fire. A bare Sun does nothing of it. */
    public function testWhatHeatDoes(): void
    {
        self::assertSame(
            [Heat::Warms, Heat::Warms, Heat::Hurts, Heat::Melts, Heat::Scorches],
            array_map(static fn(float $kwPerM2): Heat => Heat::of($kwPerM2 / 1000), [1.0, 3.9, 4.0, 12.5, 25.0]),
        );
    }

    public function testAFoldedPath(): void
    {
        $path = FoldedPath::evenly(420, 3);
        self::assertSame([3, 420.0, 105.0], [$path->mirrors(), $path->distanceMm(), $path->boxMm()]);
        self::assertEqualsWithDelta(0.614125, $path->transmittance(), 1e-9, '0.85³');
    }

    /** The area of each shape counted on a fine grid against its formula; and none reaches beyond its width. */
    public function testTheAreaOfAHole(): void
    {
        foreach (HoleShape::cases() as $shape) {
            $inside = 0;
            for ($i = 0; $i < 400; ++$i) {
                for ($j = 0; $j < 400; ++$j) {
                    $inside += (int) $shape->has(($i + 0.5) / 400 - 0.5, ($j + 0.5) / 400 - 0.5);
                }
            }
            self::assertEqualsWithDelta($shape->area(), $inside / 160000, 0.002, $shape->value);
            foreach (range(0, 359) as $degree) {
                self::assertFalse(!in_array($shape, [HoleShape::Square, HoleShape::Slit], true) && $shape->has(0.501 * cos(deg2rad($degree)), 0.501 * sin(deg2rad($degree))), $shape->value);
            }
        }
        self::assertTrue(HoleShape::Star->has(0.0, 0.49), 'a point up');
        self::assertFalse(HoleShape::Star->has(0.0, -0.25), 'a notch down');
    }
}
