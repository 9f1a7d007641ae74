<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use PHPUnit\Framework\TestCase;

/** The far horizon against the plainest reading of its points: all the short cuts through it say the same. */
final class HorizonTest extends TestCase
{
    public function testTheAltitudeIsThatOfThePlainestReading(): void
    {
        foreach ($this->profiles() as $points) {
            $profile = HorizonProfile::of($points);
            for ($k = 0; $k < 200; ++$k) {
                $azimuth = mt_rand(-72000, 72000) / 100 + 0.005;
                $plain = self::plain($points, $azimuth);
                $known = $profile->knownAltitudeDegAt($azimuth);
                self::assertSame($plain === null, $known === null, "{$azimuth}°");
                self::assertEqualsWithDelta($plain ?? 0.0, $profile->altitudeDegAt($azimuth), 1e-9, "{$azimuth}°");
            }
            foreach ($points as [$azimuth, $altitude]) {
                self::assertEqualsWithDelta($altitude, $profile->altitudeDegAt($azimuth), 1e-9, 'a point is where it was put');
            }
        }
    }

    /** What a look leaves out because it is above all of the horizon, or below all of it, would not have changed the answer. */
    public function testTheBoundsOfEveryDegreeHoldAndAreNotIdle(): void
    {
        $width = 0.0;
        $checked = 0;
        foreach ($this->profiles() as $points) {
            $profile = HorizonProfile::of($points);
            for ($azimuth = 0.005; $azimuth < 360; $azimuth += 0.05) {
                $altitude = $profile->altitudeDegAt($azimuth);
                $degree = (int) $azimuth;
                self::assertLessThanOrEqual($profile->ceilingDeg($degree) + 1e-9, $altitude, "{$azimuth}°");
                self::assertGreaterThanOrEqual($profile->floorDeg($degree) - 1e-9, $altitude, "{$azimuth}°");
                self::assertLessThanOrEqual($profile->highestDeg + 1e-9, $altitude);
                $width += $profile->ceilingDeg($degree) - $profile->floorDeg($degree);
                ++$checked;
            }
        }
        self::assertLessThan(8.0, $width / $checked, 'narrower than the profiles are high');
    }

    public function testThePointsWithinASpanAreAllOfThem(): void
    {
        foreach ($this->profiles() as $points) {
            $profile = HorizonProfile::of($points);
            for ($k = 0; $k < 50; ++$k) {
                [$middle, $half, $above] = [mt_rand(-360, 720) + 0.125, mt_rand(1, 60), mt_rand(-3, 8)];
                $found = $profile->azimuthsDegWithin($middle, $half, $above);
                $plain = array_column(array_filter($points, static fn(array $p): bool => abs(Angle::signedDeg($p[0] - $middle)) <= $half && $p[1] > $above), 0);
                sort($found);
                sort($plain);
                self::assertEqualsWithDelta(count($points) < 2 ? [] : $plain, $found, 1e-9);
            }
        }
    }

    /**
     * Level, two points, across north, with gaps, dense.
     *
     * @return list<list<array{float, float}>>
     */
    private function profiles(): array
    {
        mt_srand(45);
        $profiles = [[[120.0, 3.5]], [[350.0, 2.0], [10.0, 4.0]], [[0.0, 1.0], [45.0, 5.0], [90.5, 2.0], [359.5, -1.0]]];
        foreach ([3, 8, 40, 700] as $count) {
            $points = [];
            for ($i = 0; $i < $count; ++$i) {
                $azimuth = mt_rand(0, 35999) / 100;
                $points[(string) $azimuth] = [$azimuth, mt_rand(-200, 900) / 100];
            }
            $profiles[] = array_values($points);
        }

        return $profiles;
    }

    /** @param list<array{float, float}> $points */
    private static function plain(array $points, float $azimuth): ?float
    {
        if (count($points) === 1) {
            return $points[0][1];
        }
        $behind = $ahead = [INF, 0.0];
        foreach ($points as [$at, $altitude]) {
            $back = fmod($azimuth - $at + 1080, 360);
            $forth = fmod($at - $azimuth + 1080, 360);
            if ($back < 1e-9 || $forth < 1e-9) {
                return $altitude;
            }
            $behind = $back < $behind[0] ? [$back, $altitude] : $behind;
            $ahead = $forth < $ahead[0] ? [$forth, $altitude] : $ahead;
        }
        if ($behind[0] + $ahead[0] > 45.0 + 1e-9) {
            return null;
        }

        return ($behind[1] * $ahead[0] + $ahead[1] * $behind[0]) / ($behind[0] + $ahead[0]);
    }
}
