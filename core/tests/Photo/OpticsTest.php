<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use DateTimeImmutable;
use KeenShadow\Core\Photo\Frame;
use KeenShadow\Core\Photo\Motion;
use KeenShadow\Core\Photo\Passage;
use KeenShadow\Core\Photo\Resolution;
use KeenShadow\Core\Photo\Sensor;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunTrack;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A camera that stands still while the Sun goes through its frame, and what it tells apart. */
final class OpticsTest extends TestCase
{
    private const LEVEL_DEG_PER_S = 15 / 3600;

    /**
     * Plain geometry: rising straight up at the equator, through the north from right to left, through the south from left to right.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    #[TestWith([[10.0, 90.0], [10.5, 90.0], 120.0, 15.0, 90.0])]
    #[TestWith([[60.0, 0.5], [60.0, 359.5], 120.0, 15.0, 180.0])]
    #[TestWith([[60.0, 179.5], [60.0, 180.5], 120.0, 15.0, 0.0])]
    #[TestWith([[0.0, 270.0], [-0.3, 270.4], 120.0, 15.0, -36.8699])]
    public function testWhitherTheSunGoes(array $from, array $to, float $seconds, float $arcsecPerS, float $directionDeg): void
    {
        $motion = Motion::between($from, $to, $seconds);
        self::assertEqualsWithDelta($arcsecPerS, 3600 * $motion->degPerS, 0.001);
        self::assertEqualsWithDelta($directionDeg, $motion->directionDeg, 0.01);
    }

    /** Source: 15″ a second by the cosine of the declination, which on 2 August is 17.8° (Astronomical Almanac; from memory). */
    public function testTheSunOfAnEclipseGoesAsFastAsItShould(): void
    {
        $begin = new DateTimeImmutable('2027-08-02 08:45:00Z');
        $track = SunTrack::over((new EclipseSearch())->onDate('2027-08-02'), Observer::at(36.53, -6.29), $begin, $begin->modify('+1 minute'));
        [$from, $to] = [$track->atTime($begin), $track->atTime($begin->modify('+1 minute'))];
        $motion = Motion::between([$from->altitudeDeg, $from->azimuthDeg], [$to->altitudeDeg, $to->azimuthDeg], 60);
        self::assertEqualsWithDelta(15 * cos(deg2rad(17.8)), 3600 * $motion->degPerS, 0.05);
        // In the morning of the northern summer it climbs to the right.
        self::assertGreaterThan(20, $motion->directionDeg);
        self::assertLessThan(70, $motion->directionDeg);
    }

    /** By hand: 32′ at 400 mm are 3.7234 mm; what is left of 36 mm, 24 mm, over 15″ a second. */
    #[TestWith([0.0, 0.0, 1.0, 1108.9, -16.138, 0.0])]
    #[TestWith([90.0, 0.0, 1.0, 696.9, 0.0, -10.138])]
    #[TestWith([90.0, 0.0, 3.0, 441.0, 0.0, -6.415])]
    #[TestWith([0.0, 90.0, 1.0, 696.9, 0.0, 10.138])]
    #[TestWith([180.0, 0.0, 1.0, 1108.9, 16.138, 0.0])]
    public function testHowLongItStaysAndWhereToStart(float $directionDeg, float $rollDeg, float $radii, float $staysS, float $rightMm, float $upMm): void
    {
        $passage = Passage::of($this->frame(400), $this->going($directionDeg), $rollDeg, $radii);
        self::assertEqualsWithDelta($staysS, $passage->staysS, 0.1);
        self::assertEqualsWithDelta([$rightMm, $upMm], $passage->startMm, 0.001);
    }

    /** Whichever way it goes: from first to last second it is inside with all around it, and a little before and after it is not. */
    public function testItIsInsideAllTheWhile(): void
    {
        foreach (range(0, 350, 10) as $directionDeg) {
            foreach ([200, 800, 1500] as $focalMm) {
                $frame = $this->frame($focalMm);
                $passage = Passage::of($frame, $this->going($directionDeg), 0.0, 1.5);
                self::assertGreaterThan(0.0, $passage->staysS);
                $isInside = static function (float $second) use ($frame, $passage, $focalMm, $directionDeg): bool {
                    $goneMm = 2 * $focalMm * tan(deg2rad($second * self::LEVEL_DEG_PER_S - $passage->staysS * self::LEVEL_DEG_PER_S / 2)) / 2;
                    $aroundMm = 1.5 * $frame->imageMm() / 2;

                    return abs($goneMm * cos(deg2rad($directionDeg))) + $aroundMm <= 18.0 && abs($goneMm * sin(deg2rad($directionDeg))) + $aroundMm <= 12.0;
                };
                self::assertSame([false, true, true, true, false], array_map($isInside, [-1.0, 0.01, $passage->staysS / 2, $passage->staysS - 0.01, $passage->staysS + 1.0]), "{$directionDeg}°, {$focalMm} mm");
            }
        }
    }

    public function testWhatIsLargerThanTheFrameDoesNotStay(): void
    {
        foreach ([0.0, 45.0, 90.0] as $directionDeg) {
            self::assertSame(0.0, Passage::of($this->frame(3000), $this->going($directionDeg), 0.0, 1.0)->staysS);
        }
    }

    /** By hand: 400 mm by 15″ are 0.029089 mm a second, 7.2722 pixels of 4 µm. */
    public function testTheLongestExposureForADrift(): void
    {
        $passage = Passage::of($this->frame(400), $this->going(30), 0.0, 1.0);
        self::assertEqualsWithDelta(1 / 7.2722, $passage->longestExposureS(1), 1e-5);
        self::assertEqualsWithDelta(3 / 7.2722, $passage->longestExposureS(3), 1e-5);
    }

    /** Source: 138″ over the aperture in mm at 550 nm (Rayleigh's criterion, any optics text); a pixel of p µm at f mm is 206.265·p/f seconds of arc. */
    public function testWhatIsToldApart(): void
    {
        $resolution = Resolution::of($this->frame(400), 50.0);
        self::assertEqualsWithDelta(2.768, $resolution->lensArcsec, 0.001);
        self::assertEqualsWithDelta(2 * 2.06265, $resolution->sensorArcsec, 0.001);
        self::assertSame($resolution->sensorArcsec, $resolution->arcsec());
        $small = Resolution::of($this->frame(400), 25.0);
        self::assertSame($small->lensArcsec, $small->arcsec());
    }

    private function frame(float $focalMm): Frame
    {
        return Frame::of($focalMm, Sensor::of(36, 24, 4), 32);
    }

    private function going(float $directionDeg): Motion
    {
        return Motion::between([0.0, 100.0], [0.01 * sin(deg2rad($directionDeg)), 100.0 + 0.01 * cos(deg2rad($directionDeg))], 2.4);
    }
}
