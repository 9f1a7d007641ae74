<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\Planet;
use KeenShadow\Core\Sky\PlanetPlace;
use KeenShadow\Core\Time\DeltaT;
use PHPUnit\Framework\TestCase;

/** Planets against swetest (JPL-fitted places): good enough to point at, by far. */
final class PlanetPlaceTest extends TestCase
{
    private const YEAR_2050 = 2469807.5;

    /** Elements for 1800 to 2050, and two eclipses a century later still. Saturn's rings and a Mercury that nobody sees are left out of its brightness. */
    public function testPlacesAndBrightness(): void
    {
        foreach (self::rows('planets.csv') as [$planet, $jd, $ra, $dec, $magnitude]) {
            $place = PlanetPlace::at(Planet::from($planet), (float) $jd);
            $apart = self::apartDeg($place->rightAscensionDeg(), $place->declinationDeg(), (float) $ra, (float) $dec);
            self::assertLessThan((float) $jd < self::YEAR_2050 ? 0.2 : 0.5, $apart, "{$planet} {$jd}");
            if ((float) $magnitude < 2.0) {
                self::assertLessThan($planet === 'saturn' ? 0.95 : 0.25, abs($place->magnitude - (float) $magnitude), "{$planet} {$jd}");
            }
        }
    }

    public function testWhereTheyAreSeen(): void
    {
        $rows = self::rows('planets-at-places.csv');
        self::assertCount(20, $rows);
        foreach ($rows as [$planet, $place, $jd, $lat, $lon, $azimuth, $altitude]) {
            $deltaT = DeltaT::atJulianDate((float) $jd)->seconds;
            $bearing = Bearing::of(PlanetPlace::at(Planet::from($planet), (float) $jd + $deltaT / 86400)->direction, Observer::at((float) $lat, (float) $lon), (float) $jd, $deltaT);
            self::assertLessThan(0.3, self::apartDeg($bearing->azimuthDeg, $bearing->altitudeDeg, (float) $azimuth, (float) $altitude), "{$planet} {$place}");
        }
    }

    private static function apartDeg(float $lon1, float $lat1, float $lon2, float $lat2): float
    {
        return rad2deg(acos(min(1.0, sin(deg2rad($lat1)) * sin(deg2rad($lat2)) + cos(deg2rad($lat1)) * cos(deg2rad($lat2)) * cos(deg2rad($lon1 - $lon2)))));
    }

    /** @return list<list<string>> */
    private static function rows(string $file): array
    {
        $lines = file(__DIR__ . '/reference/' . $file, FILE_IGNORE_NEW_LINES);

        return array_map(static fn(string $line): array => explode(',', $line), array_slice($lines === false ? [] : $lines, 1));
    }
}
