<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Sky\EarthOrientation;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\MoonTheory;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\SunTheory;
use KeenShadow\Core\Tests\ReferenceTable;
use PHPUnit\Framework\TestCase;

final class EphemerisTest extends TestCase
{
    /** Source: swetest 2.10.03 with its own data files (reference/make_reference.py), forty dates in 1900–2191. */
    public function testApparentPlacesWithinATenthOfAnArcsecond(): void
    {
        $ephemeris = new Ephemeris();
        foreach (ReferenceTable::read(__DIR__ . '/reference/apparent-places.csv') as $row) {
            $jd = (float) $row['jd_tt'];
            $orientation = EarthOrientation::at($jd);
            $place = $row['body'] === 'sun' ? $ephemeris->sunKm($jd, $orientation) : $ephemeris->moonKm($jd, $orientation);
            $expected = Vector3::fromSpherical(1.0, deg2rad((float) $row['right_ascension_deg']), deg2rad((float) $row['declination_deg']));
            $apart = $place->times(1 / $place->length())->minus($expected)->length() / Angle::ARCSEC;

            self::assertLessThan(0.1, $apart, "{$row['body']} at JD {$jd}: {$apart}″");
            self::assertEqualsWithDelta((float) $row['distance_au'], $place->length() / SunTheory::AU_KM, $row['body'] === 'sun' ? 3e-6 : 5e-9);
        }
    }

    /** Source: Meeus, Astronomical Algorithms, ch. 47, example (from memory); his theory is good to 10″. */
    public function testMeeusExampleOfTheMoon(): void
    {
        $distance = (new MoonTheory())->geocentricKm((2448724.5 - 2451545) / 36525)->length();

        self::assertEqualsWithDelta(368409.7, $distance, 20);
    }

    /** Source: python3-erfa 2.0.0.1, gst06a and pnm06a (IAU 2006/2000A; reference/make_reference.py). */
    public function testEarthOrientationWithinThreeThousandthsOfAnArcsecond(): void
    {
        $axes = [1 => new Vector3(1, 0, 0), new Vector3(0, 1, 0), new Vector3(0, 0, 1)];
        foreach (ReferenceTable::read(__DIR__ . '/reference/earth-orientation.csv') as $row) {
            $orientation = EarthOrientation::at((float) $row['jd_tt']);
            self::assertEqualsWithDelta((float) $row['gst06a_rad'], $orientation->siderealAngleIfUt1WereTtRad, 0.003 * Angle::ARCSEC, $row['jd_tt']);
            foreach ($axes as $column => $axis) {
                $turned = $orientation->icrsToTrueEquator->apply($axis);
                $expected = new Vector3((float) $row["pnm06a_1{$column}"], (float) $row["pnm06a_2{$column}"], (float) $row["pnm06a_3{$column}"]);
                self::assertLessThan(0.003, $turned->minus($expected)->length() / Angle::ARCSEC, $row['jd_tt']);
            }
        }
    }

    public function testSunIsAsWideAsAlmanacsSay(): void
    {
        // Source: Astronomical Almanac, the Sun's apparent diameter 31′27″ … 32′32″ over the year (from memory).
        $widths = array_map(
            static fn(int $day): float => 2 * asin(Radii::SUN_KM / (new SunTheory())->geocentricKm(0.27 + $day / 36525)->length()) / Angle::ARCSEC,
            range(0, 365, 5),
        );

        self::assertEqualsWithDelta(31 * 60 + 27, min($widths), 1.0);
        self::assertEqualsWithDelta(32 * 60 + 32, max($widths), 1.0);
    }
}
