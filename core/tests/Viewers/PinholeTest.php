<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Viewers;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Sky\Sunlight;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\PinholeCriterion;
use KeenShadow\Core\Viewers\ViewerException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PinholeTest extends TestCase
{
    private const SUN_DEG = 0.525;

    public function testImageIsTheDistanceOverAboutAHundredAndNine(): void
    {
        // Common practice, no source: image = distance/109 or so; a 36-inch tube gives about a third of an inch.
        self::assertEqualsWithDelta(1000 / 109, Pinhole::of(1000, 1, self::SUN_DEG)->imageMm(), 0.05);
        self::assertEqualsWithDelta(25.4 / 3, Pinhole::of(36 * 25.4, 1, self::SUN_DEG)->imageMm(), 0.2);
    }

    public function testBestHoles(): void
    {
        // Common practice, no source: 1.2 mm at 900 mm from a table, about 1 mm at 36 inches: the schools lie on both sides.
        $at900 = array_map(static fn(PinholeCriterion $s): float => $s->bestHoleMm(900), PinholeCriterion::cases());
        self::assertLessThan(1.0, min($at900));
        self::assertGreaterThan(1.2, max($at900));

        // Where the hole equals its Airy disc (2.44·λ·L/d), the second school has its best hole.
        $best = PinholeCriterion::EqualBlur->bestHoleMm(900);
        self::assertEqualsWithDelta($best, Pinhole::of(900, $best, self::SUN_DEG)->diffractionMm(), 0.01);
        foreach ([0.6, 0.9, 1.2, 1.8] as $factor) {
            self::assertGreaterThanOrEqual(
                Pinhole::of(900, $best, self::SUN_DEG)->blurMm() * 0.999,
                Pinhole::of(900, $best * $factor, self::SUN_DEG)->blurMm(),
            );
        }
    }

    /**
     * Source: worked by hand from the published formulas: Airy disc 2.44·λ·L/d at 550 nm (Young 1971; from memory), in
     * quadrature with the hole; E·(d/D)²; one blur width as the smallest bite.
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
    public function testTheFiguresAreThoseOfTheFormulas(float $distance, float $hole, float $image, float $diffraction, float $blur, float $lux, float $bite): void
    {
        $pinhole = Pinhole::of($distance, $hole, self::SUN_DEG);

        self::assertEqualsWithDelta($image, $pinhole->imageMm(), $image * 0.0005);
        self::assertEqualsWithDelta($diffraction, $pinhole->diffractionMm(), $diffraction * 0.0005);
        self::assertEqualsWithDelta($blur, $pinhole->blurMm(), $blur * 0.0005);
        self::assertEqualsWithDelta($lux, $pinhole->imageLux(100000), $lux * 0.002);
        self::assertEqualsWithDelta($bite, $pinhole->smallestBite(), 0.0005);
        self::assertEqualsWithDelta(1 / $bite, $pinhole->detailsAcross(), 0.02);
    }

    /** Properties: longer is bigger and dimmer; a bigger hole is brighter. */
    public function testTradeOffs(): void
    {
        for ($distance = 200.0; $distance < 20000; $distance *= 1.5) {
            $near = Pinhole::of($distance, 1.0, self::SUN_DEG);
            $far = Pinhole::of($distance * 1.5, 1.0, self::SUN_DEG);
            self::assertGreaterThan($near->imageMm(), $far->imageMm());
            self::assertLessThan($near->imageLux(100000), $far->imageLux(100000));
            self::assertGreaterThan($far->imageLux(100000), Pinhole::of($distance * 1.5, 1.2, self::SUN_DEG)->imageLux(100000));
        }
        self::assertSame(100000.0, Pinhole::of(300, 10, self::SUN_DEG)->imageLux(100000), 'never brighter than the Sun itself');
    }

    /** @return iterable<string, array{float, float, Level, string}> */
    public static function designs(): iterable
    {
        // Common practice, no source: a hole wider than about L/109 shows its own shape.
        yield 'shoe box with a pencil hole' => [300, 7, Level::No, 'wider than'];
        yield 'short box, good hole' => [300, 0.6, Level::Yes, 'large and sharp'];
        yield 'short box, coarse hole' => [300, 1.5, Level::Hold, 'soft'];
        yield 'tiny box' => [150, 0.3, Level::Hold, 'soft'];
        yield 'long tube' => [900, 1.2, Level::Yes, 'large and sharp'];
        yield 'mirror across a yard' => [20000, 8, Level::Yes, 'large and sharp'];
    }

    #[DataProvider('designs')]
    public function testVerdicts(float $distance, float $hole, Level $level, string $reason): void
    {
        $verdict = Pinhole::of($distance, $hole, self::SUN_DEG)->verdict();

        self::assertSame($level, $verdict->level);
        self::assertStringContainsString($reason, $verdict->findings[0]->reason);
    }

    /** @return iterable<string, array{float, float, string}> */
    public static function impossible(): iterable
    {
        yield 'no hole' => [300, 0, 'hole_mm'];
        yield 'a window' => [300, 500, 'hole_mm'];
        yield 'no box' => [0, 1, 'distance_mm'];
        yield 'not a number' => [NAN, 1, 'distance_mm'];
    }

    #[DataProvider('impossible')]
    public function testImpossibleLengthsAreNamed(float $distance, float $hole, string $field): void
    {
        try {
            Pinhole::of($distance, $hole, self::SUN_DEG);
            self::fail('accepted');
        } catch (ViewerException $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testSunlight(): void
    {
        // Common practice, no source: about 100 000 lx from a high Sun on a clear day, none below the horizon.
        self::assertEqualsWithDelta(100000, Sunlight::directLux(60), 5000);
        self::assertSame(0.0, Sunlight::directLux(-1));
        self::assertLessThan(Sunlight::directLux(10), Sunlight::directLux(5));
    }
}
