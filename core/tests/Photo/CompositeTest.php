<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use DateTimeImmutable;
use KeenShadow\Core\Photo\Composite;
use KeenShadow\Core\Photo\Frame;
use KeenShadow\Core\Photo\Sensor;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** All phases in one picture: read back from the picture into degrees. */
final class CompositeTest extends TestCase
{
    /** By hand: at the level, ten degrees to either side are f·tan 10° from the middle; the disc of 0.53° adds to both, the share is of 36 mm. */
    public function testALevelWay(): void
    {
        $composite = Composite::of($this->frame(50), [$this->at(0, 80), $this->at(0, 90), $this->at(0, 100)], 0.0);
        self::assertNotNull($composite);
        self::assertEqualsWithDelta([90.0, 0.0], [$composite->azimuthDeg, $composite->tiltDeg], 1e-6);
        self::assertEqualsWithDelta(2 * 50 * tan(deg2rad(10.265)) / 36, $composite->share, 1e-6);
        self::assertEqualsWithDelta([50 * tan(deg2rad(10)), 0.0], $composite->place(0, 100), 1e-9);
        self::assertNull($composite->place(0, 270));
    }

    /** Across the north, and in the south where the Sun goes to the left. */
    public function testAcrossTheNorth(): void
    {
        $composite = Composite::of($this->frame(35), [$this->at(40, 10), $this->at(41, 0), $this->at(40, 350)], 20.0);
        self::assertNotNull($composite);
        self::assertEqualsWithDelta(0.0, fmod($composite->azimuthDeg + 180.0, 360.0) - 180.0, 1e-6);
        self::assertGreaterThan(20.0, $composite->tiltDeg);
        self::assertLessThan(41.0, $composite->tiltDeg);
    }

    /** Places in the picture against vectors, turned by hand: the angle between two of them is the angle in the sky. */
    #[TestWith(['2027-08-02', 36.53, -6.29, '07:40', '10:00', 24.0])]
    #[TestWith(['2026-08-12', 36.53, -6.29, '17:40', '19:10', 24.0])]
    #[TestWith(['2028-07-22', -33.87, 151.21, '02:50', '05:10', 20.0])]
    public function testTheWayOfAnEclipseFitsWithTheForeground(string $date, float $lat, float $lon, string $from, string $to, float $focalMm): void
    {
        $track = SunTrack::over((new EclipseSearch())->onDate($date), Observer::at($lat, $lon), new DateTimeImmutable("{$date} {$from}Z"), new DateTimeImmutable("{$date} {$to}Z"));
        $way = $track->positions(300);
        $frame = $this->frame($focalMm);
        $composite = Composite::of($frame, $way, 0.0);
        self::assertNotNull($composite);
        self::assertLessThanOrEqual(1.0, $composite->share);
        [$rights, $ups] = [[], []];
        foreach ($way as $position) {
            foreach ([$position->altitudeDeg, 0.0] as $altitudeDeg) {
                $place = $composite->place($altitudeDeg, $position->azimuthDeg);
                self::assertNotNull($place);
                self::assertLessThanOrEqual(18.0, abs($place[0]));
                self::assertLessThanOrEqual(12.0, abs($place[1]));
                [$up, $along] = $composite->direction(...$place);
                self::assertEqualsWithDelta([$altitudeDeg, 0.0], [$up, fmod($along - $position->azimuthDeg + 540.0, 360.0) - 180.0], 1e-9);
                $angle = acos(max(-1.0, min(1.0, self::dot(self::ray($altitudeDeg, $position->azimuthDeg), self::ray($composite->tiltDeg, $composite->azimuthDeg)))));
                self::assertEqualsWithDelta($angle, atan(hypot(...$place) / $focalMm), 1e-9);
                [$rights[], $ups[]] = $place;
            }
        }
        // As much room to the left as to the right, and below as above.
        self::assertEqualsWithDelta(0.0, max($rights) + min($rights), 0.02 * $focalMm);
        self::assertEqualsWithDelta(0.0, max($ups) + min($ups), 0.02 * $focalMm);
        self::assertGreaterThan(1.0, Composite::of($this->frame(200), $way, 0.0)?->share);

        $longestMm = Composite::longestFittingMm($frame->sensor, $way, 0.0, 31.8);
        self::assertNotNull($longestMm);
        self::assertEqualsWithDelta(1.0, Composite::of($this->frame($longestMm), $way, 0.0)?->share, 0.01);
        self::assertGreaterThanOrEqual($focalMm, $longestMm);

        $everyS = Composite::everyS($way, 0.0);
        self::assertNotNull($everyS);
        // Source: half a degree takes about two minutes (15° an hour); common practice, a picture every five leaves a gap.
        self::assertGreaterThan(125.0, $everyS);
        self::assertLessThan(150.0, $everyS);
        self::assertEqualsWithDelta(2 * $everyS, Composite::everyS($way, 1.0), 1e-9);
    }

    /** By hand, a level camera to the south: half a frame of 36 × 24 mm at 50 mm is 19.799° to the side and 13.496° up; at a corner hypot(50, 18) is what 12 mm rise over, 12.725°. */
    public function testTheEdgeOfThePicture(): void
    {
        $composite = Composite::of($this->frame(50), [$this->at(0, 170), $this->at(0, 180), $this->at(0, 190)], 0.0);
        self::assertNotNull($composite);
        $edge = $composite->edge(2);
        self::assertCount(9, $edge);
        self::assertSame($edge[0], $edge[8]);
        self::assertEqualsWithDelta([-12.725, 180 - 19.799], $edge[0], 0.001);
        self::assertEqualsWithDelta([-13.496, 180.0], $edge[1], 0.001);
        self::assertEqualsWithDelta([0.0, 180 + 19.799], $edge[3], 0.001);
        self::assertEqualsWithDelta([12.725, 180 + 19.799], $edge[4], 0.001);
    }

    public function testASinglePointHasNoPace(): void
    {
        self::assertNull(Composite::everyS([$this->at(40, 100)], 0.0));
    }

    private function frame(float $focalMm): Frame
    {
        return Frame::of($focalMm, Sensor::of(36, 24, 4), 31.8);
    }

    private function at(float $altitudeDeg, float $azimuthDeg): SunPosition
    {
        return new SunPosition(julianDateUt: 2461619.9, azimuthDeg: $azimuthDeg, altitudeDeg: $altitudeDeg, semidiameterDeg: 0.265, obscuration: 0.0);
    }

    /** @return list<float> east, north, up */
    private static function ray(float $altitudeDeg, float $azimuthDeg): array
    {
        [$altitude, $azimuth] = [deg2rad($altitudeDeg), deg2rad($azimuthDeg)];

        return [cos($altitude) * sin($azimuth), cos($altitude) * cos($azimuth), sin($altitude)];
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn(float $x, float $y): float => $x * $y, $a, $b));
    }
}
