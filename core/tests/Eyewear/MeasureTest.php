<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Eyewear;

use KeenShadow\Core\Eyewear\EyewearException;
use KeenShadow\Core\Eyewear\Measure\ApertureMask;
use KeenShadow\Core\Eyewear\Measure\FaceShield;
use KeenShadow\Core\Eyewear\Measure\LightMeter;
use KeenShadow\Core\Eyewear\Measure\LotSample;
use KeenShadow\Core\Eyewear\Measure\Shade;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Eyewear\Stock;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Shade numbers, a light meter with its doubt, and what a sample tells of a lot. */
final class MeasureTest extends TestCase
{
    /** SN = 1 + 7/3 · OD: OD 5 is 12.67, shade 14 is OD 5.571 (EN 169:2002, from memory). */
    #[TestWith([0.001, 5.0, 12.6667])]
    #[TestWith([0.00026827, 5.5714, 14.0])]
    #[TestWith([100.0, 0.0, 1.0])]
    #[TestWith([0.000032, 6.4949, 16.1547])]
    #[TestWith([0.0032, 4.4949, 11.4880])]
    public function testOneIntoTheOthers(float $percent, float $density, float $number): void
    {
        foreach ([Shade::ofPercent($percent), Shade::ofDensity($density), Shade::ofNumber($number)] as $shade) {
            self::assertEqualsWithDelta($percent, $shade->percent(), 0.0002 * $percent);
            self::assertEqualsWithDelta([$density, $number], [$shade->density(), $shade->number()], 0.0003);
        }
    }

    /** The luminous band is 0.000032 to 0.0032 %, both ends in it (ISO 12312-2, from memory). */
    #[TestWith([0.0033, Outcome::NotMet])]
    #[TestWith([0.0032, Outcome::Met])]
    #[TestWith([0.000032, Outcome::Met])]
    #[TestWith([0.000031, Outcome::NotMet])]
    #[TestWith([100.0, Outcome::NotMet])]
    public function testWhetherAShadeIsInTheBand(float $percent, Outcome $outcome): void
    {
        self::assertSame($outcome, Shade::ofPercent($percent)->outcome());
    }

    /** Table of EN 169:2002, from memory, in per cent. */
    #[TestWith([12, 0.0012, 0.0032])]
    #[TestWith([13, 0.00044, 0.0012])]
    #[TestWith([14, 0.00016, 0.00044])]
    public function testBandsOfShades(int $number, float $darkest, float $lightest): void
    {
        $band = array_map(static fn(float $t): float => 100 * $t, Shade::band($number));
        self::assertEqualsWithDelta([$darkest, $lightest], $band, 0.04 * $lightest);
        self::assertEqualsWithDelta(Shade::band($number + 1)[1], Shade::band($number)[0], 1e-15, 'one begins where the other ends');
    }

    /** Worked by hand: readings of 0.01 lx each, 4 %: 1 lx behind of 100 000 lx is 1e-5, from 0.955 to 1.045 lx over 104 000 to 96 000 lx. */
    public function testAMeterWithItsDoubt(): void
    {
        $meter = LightMeter::of(0.0, 100000.0, 1.0, 0.01, 4.0);
        self::assertEqualsWithDelta([1e-5, 0.95 / 104000.01, 1.05 / 95999.99], [$meter->transmittance, $meter->leastTransmittance, $meter->mostTransmittance], 1e-12);
        self::assertSame(Outcome::Met, $meter->outcome());
    }

    #[TestWith([0.0, 100000.0, 1.0, 1.0, 4.0, Outcome::Undecided, 'a meter for rooms cannot show it good'])]
    #[TestWith([0.0, 100000.0, 100.0, 1.0, 4.0, Outcome::NotMet, 'and shows a fake'])]
    #[TestWith([0.0, 100000.0, 0.0, 0.01, 4.0, Outcome::NotMet, 'nothing comes through: too dark to see by'])]
    #[TestWith([0.0, 100000.0, 0.0, 1.0, 4.0, Outcome::Undecided, 'the meter sees nothing'])]
    #[TestWith([0.0, 100000.0, 3.2, 0.001, 0.0, Outcome::Undecided, 'at the limit, within the doubt'])]
    #[TestWith([0.0, 100000.0, 3.19, 0.001, 0.0, Outcome::Met, 'just within, the doubt added'])]
    #[TestWith([0.0, 100000.0, 3.21, 0.001, 0.0, Outcome::NotMet, 'just outside, the doubt taken off'])]
    #[TestWith([5.0, 100000.0, 6.0, 0.01, 0.0, Outcome::Met, 'the dark is taken off'])]
    public function testItIsDecidedWithAGuardBand(float $dark, float $open, float $behind, float $resolution, float $accuracy, Outcome $outcome, string $why): void
    {
        $meter = LightMeter::of($dark, $open, $behind, $resolution, $accuracy);
        self::assertSame($outcome, $meter->outcome(), $why);
        self::assertLessThanOrEqual($meter->mostTransmittance, $meter->leastTransmittance);
    }

    #[TestWith([0.0, 0.0, 0.0, 'open_lx'])]
    #[TestWith([100.0, 90.0, 0.0, 'open_lx'])]
    #[TestWith([0.0, 300000.0, 0.0, 'open_lx'])]
    #[TestWith([-1.0, 1000.0, 0.0, 'dark_lx'])]
    #[TestWith([5.0, 100000.0, 4.0, 'behind_lx'])]
    public function testWhatIsNoMeasurementIsRefused(float $dark, float $open, float $behind, string $field): void
    {
        try {
            LightMeter::of($dark, $open, $behind, 0.01, 4.0);
            self::fail('refused');
        } catch (EyewearException $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** By hand: (D − d)/2 between tube and secondary; four vanes as thin as nothing leave D·(√2 − 1) between two of them. */
    #[TestWith([200.0, 50.0, 0, 0.0, 75.0, 62.5])]
    #[TestWith([200.0, 50.0, 1, 3.0, 75.0, 62.5])]
    #[TestWith([200.0, 50.0, 3, 0.0, 75.0, 62.5])]
    #[TestWith([200.0, 20.0, 4, 0.0, 82.8427, 58.5786])]
    #[TestWith([200.0, 20.0, 4, 2.0, 81.6711, 59.1645])]
    #[TestWith([200.0, 50.0, 4, 2.0, 75.0, 62.5])]
    #[TestWith([80.0, 0.0, 0, 0.0, 80.0, 0.0])]
    public function testTheLargestOpeningOffAxis(float $aperture, float $obstruction, int $vanes, float $vane, float $opening, float $offAxis): void
    {
        $mask = ApertureMask::of($aperture, $obstruction, $vanes, $vane);
        self::assertEqualsWithDelta([$opening, $offAxis], [$mask->openingMm, $mask->offAxisMm], 0.0001);
        // Whatever the numbers, it touches the tube and clears the rest.
        self::assertLessThanOrEqual($aperture / 2 + 1e-9, $mask->offAxisMm + $mask->openingMm / 2);
        self::assertGreaterThanOrEqual($obstruction / 2 - 1e-9, $obstruction > 0 ? $mask->offAxisMm - $mask->openingMm / 2 : 0.0);
        if ($vanes > 1) {
            self::assertGreaterThanOrEqual($vane / 2 - 1e-9, $mask->offAxisMm * sin(M_PI / $vanes) - $mask->openingMm / 2);
        }
    }

    #[TestWith([10.0, 0.0, 0, 0.0, 'aperture_mm'])]
    #[TestWith([100.0, 95.0, 0, 0.0, 'obstruction_mm'])]
    #[TestWith([100.0, 30.0, 9, 0.0, 'vanes'])]
    #[TestWith([100.0, 30.0, 4, -1.0, 'vane_mm'])]
    public function testATelescopeThatIsNoneIsRefused(float $aperture, float $obstruction, int $vanes, float $vane, string $field): void
    {
        try {
            ApertureMask::of($aperture, $obstruction, $vanes, $vane);
            self::fail('refused');
        } catch (EyewearException $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** Numbers of pairs against whole-number arithmetic (binomial coefficients without rounding): pairs, tested, failed, confidence, most that are bad. */
    #[TestWith([400, 50, 0, 95.0, 21])]
    #[TestWith([400, 50, 1, 95.0, 34])]
    #[TestWith([100, 20, 0, 95.0, 12])]
    #[TestWith([400, 400, 3, 95.0, 3])]
    #[TestWith([400, 0, 0, 95.0, 400])]
    #[TestWith([50, 10, 2, 99.0, 28])]
    #[TestWith([20, 19, 0, 95.0, 1])]
    public function testWhatASampleTells(int $pairs, int $tested, int $failed, float $confidence, int $bad): void
    {
        self::assertSame($bad, LotSample::of($pairs, $confidence)->mostBad($tested, $failed));
    }

    #[TestWith([400, 4, 95.0, 180])]
    #[TestWith([100, 5, 95.0, 39])]
    #[TestWith([60, 0, 95.0, 58])]
    #[TestWith([400, 40, 99.0, 41])]
    #[TestWith([400, 400, 95.0, 0])]
    public function testHowManyToTest(int $pairs, int $bad, float $confidence, int $tested): void
    {
        self::assertSame($tested, LotSample::of($pairs, $confidence)->needed($bad));
    }

    /** In a very large lot none of n leaves at most about 3/n (Hanley & Lippman-Hand, JAMA 249 (1983) 1743); 59 are for 5 % (Wilks 1941). */
    public function testTheRuleOfThree(): void
    {
        $sample = LotSample::of(LotSample::MOST_PAIRS, 95.0);
        foreach ([30, 100, 300] as $tested) {
            self::assertEqualsWithDelta(3 / $tested, $sample->mostBad($tested, 0) / LotSample::MOST_PAIRS, 0.06 * 3 / $tested);
        }
        self::assertSame(59, $sample->needed(5000));
    }

    /** Worked by hand: a lap of 3 mm on every side, the middles as far apart as those of the lenses, both the same to the middle of the plate. */
    public function testAFaceShield(): void
    {
        $shield = FaceShield::of(41, 38, 64);
        self::assertSame([35.0, 32.0, 29.0], [$shield->openingWidthMm, $shield->openingHeightMm, $shield->bridgeMm()]);
        self::assertSame([-49.5, 14.5], $shield->leftEdgesMm());
        self::assertEqualsWithDelta(75.5, $shield->rimMm(), 1e-9);
        self::assertEqualsWithDelta(FaceShield::PLATE_MM[0], 2 * $shield->rimMm() + 2 * $shield->openingWidthMm + $shield->bridgeMm(), 1e-9);
        // Lenses so wide that the bridge is as narrow as it may be, and wider.
        self::assertSame(FaceShield::LEAST_BRIDGE_MM, FaceShield::of(62, 30, 64)->bridgeMm());
        foreach ([[62.1, 38.0, 64.0, 'lens_width_mm'], [41.0, 10.0, 64.0, 'lens_height_mm'], [41.0, 38.0, 39.0, 'centres_mm'], [41.0, NAN, 64.0, 'lens_height_mm']] as [$width, $height, $centres, $field]) {
            try {
                FaceShield::of($width, $height, $centres);
                self::fail($field);
            } catch (EyewearException $e) {
                self::assertSame($field, $e->field);
            }
        }
    }

    /** Counting: out of ten fit, six are out, two came back, one is lost. */
    public function testWhereThePairsAre(): void
    {
        $stock = new Stock(fit: 10, withdrawn: 3, out: 6, back: 2, lost: 1, destroyed: 2);
        self::assertSame([3, 6, 9, 0, 1], [$stock->outNow(), $stock->toHandOut(), $stock->toCountOn(), $stock->toCallBack(), $stock->toDestroy()]);
        // What is fit no more while it is out is called back; nothing is ever handed out that is not there.
        $refused = new Stock(fit: 0, withdrawn: 10, out: 6, back: 2, lost: 0, destroyed: 0);
        self::assertSame([4, 0, 0, 4, 10], [$refused->outNow(), $refused->toHandOut(), $refused->toCountOn(), $refused->toCallBack(), $refused->toDestroy()]);
        self::assertSame([0, 0], [(new Stock(0, 0, 1, 2, 0, 0))->outNow(), (new Stock(0, 0, 0, 0, 5, 9))->toDestroy()]);
        for ($fit = 0; $fit <= 4; ++$fit) {
            for ($out = 0; $out <= 4; ++$out) {
                for ($back = 0; $back <= $out; ++$back) {
                    $stock = new Stock($fit, 0, $out, $back, 0, 0);
                    self::assertSame($fit, $stock->toHandOut() + $stock->outNow() - $stock->toCallBack(), 'each fit pair is here or out');
                }
            }
        }
    }
}
