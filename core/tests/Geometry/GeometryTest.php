<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Geometry;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Geometry\ChebyshevFit;
use KeenShadow\Core\Geometry\Contours;
use KeenShadow\Core\Geometry\Ellipsoid;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Geometry\MapArea;
use KeenShadow\Core\Geometry\MapLines;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Geometry\TwoCircles;
use PHPUnit\Framework\TestCase;

final class GeometryTest extends TestCase
{
    public function testAPolynomialIsFoundAgainFromItsValues(): void
    {
        $fit = new ChebyshevFit(5, 3.5);
        $original = new Polynomial([1.5, -2.0, 0.25, 0.125, -0.01]);
        $found = $fit->polynomial(array_map($original->at(...), $fit->nodes()), 4);

        foreach ($original->coefficients as $power => $c) {
            self::assertEqualsWithDelta($c, $found->coefficient($power), 1e-12);
        }
        self::assertEqualsWithDelta($original->derivative()->at(1.3), $found->derivative()->at(1.3), 1e-12);
    }

    public function testBisectionEndsWhereItStillHolds(): void
    {
        foreach ([[0.0, 3.0], [3.0, 0.0]] as [$within, $beyond]) {
            $holds = static fn(float $x): bool => $within < $beyond ? $x * $x <= 2 : $x * $x >= 2;
            $edge = Bisection::edge($holds, $within, $beyond, 1e-9);
            self::assertTrue($holds($edge));
            self::assertEqualsWithDelta(M_SQRT2, $edge, 1e-9);
        }
    }

    /** Source: NIMA TR8350.2 for the pole; the radii at 45° from the ellipse's own equation, x²/a² + y²/b² = 1. */
    public function testEllipsoid(): void
    {
        self::assertEqualsWithDelta(6356.7523142, Ellipsoid::EQUATOR_KM * Ellipsoid::fromEquatorPlane(M_PI / 2), 1e-6);
        self::assertEqualsWithDelta(1.001, Ellipsoid::fromAxis(0.0, 0.001), 1e-12);
        self::assertEqualsWithDelta(0.0, Ellipsoid::fromAxis(M_PI / 2), 1e-12);
        $squeeze = 6356.7523142 / 6378.137;
        foreach ([-60, 10, 45, 80] as $lat) {
            [$x, $y] = [Ellipsoid::fromAxis(deg2rad($lat)), Ellipsoid::fromEquatorPlane(deg2rad($lat))];
            self::assertEqualsWithDelta(1.0, $x ** 2 + ($y / $squeeze) ** 2, 1e-9);
            self::assertEqualsWithDelta($lat, rad2deg(atan2($y / $squeeze ** 2, $x)), 1e-7, 'the normal there has that latitude');
        }
    }

    public function testCoveredFraction(): void
    {
        // Two equal discs, each through the other's centre: 2/3 − √3/(2π) (any text on plane geometry).
        self::assertEqualsWithDelta(2 / 3 - sqrt(3) / (2 * M_PI), TwoCircles::coveredFraction(1, 1, 1), 1e-12);
        self::assertEqualsWithDelta([0.5, sqrt(3) / 2], TwoCircles::cut(1, 1, 1), 1e-12);
        self::assertSame([null, null], [TwoCircles::cut(1, 1.05, 2.05), TwoCircles::cut(1, 0.9, 0.05)]);
        self::assertSame(0.0, TwoCircles::coveredFraction(1, 1.05, 2.05));
        self::assertSame(1.0, TwoCircles::coveredFraction(1, 1.05, 0.04));
        self::assertEqualsWithDelta(0.81, TwoCircles::coveredFraction(1, 0.9, 0.05), 1e-12);

        // Common practice (Los Angeles, 21 August 2017): 69 % of the diameter is 62 % of the area.
        self::assertEqualsWithDelta(0.62, TwoCircles::coveredFraction(1, 1.03, 1 + 1.03 - 2 * 0.69), 0.01);

        $before = 1.0;
        for ($distance = 0.0; $distance <= 2.1; $distance += 0.01) {
            $now = TwoCircles::coveredFraction(1, 1.03, $distance);
            self::assertLessThanOrEqual($before, $now);
            $before = $now;
        }
    }

    public function testAngles(): void
    {
        self::assertEqualsWithDelta(1.5 * M_PI, Angle::positiveRad(-0.5 * M_PI), 1e-12);
        self::assertEqualsWithDelta(-0.5 * M_PI, Angle::signedRad(1.5 * M_PI), 1e-12);
        self::assertEqualsWithDelta(350.0, Angle::positiveDeg(-370.0), 1e-12);
    }

    /** Properties of the reductions, over a grid and at the seams where a hair decides. */
    public function testReducedAnglesLieInTheirRangeAndKeepTheirDirection(): void
    {
        $angles = [-1e-15, 1e-15, -1e-300, 0.0, -0.0, 180.0, -180.0, 360.0, -360.0, 179.99999999999997, 1e9 + 0.25, -1e9 - 0.25];
        for ($deg = -1000.0; $deg <= 1000.0; $deg += 7.3) {
            $angles[] = $deg;
        }
        foreach ($angles as $deg) {
            $what = sprintf('%.20g', $deg);
            self::assertTrue(Angle::positiveDeg($deg) >= 0 && Angle::positiveDeg($deg) < 360, $what);
            self::assertTrue(Angle::signedDeg($deg) > -180 && Angle::signedDeg($deg) <= 180, $what);
            self::assertTrue(Angle::positiveRad(deg2rad($deg)) >= 0 && Angle::positiveRad(deg2rad($deg)) < Angle::TAU, $what);
            self::assertTrue(Angle::signedRad(deg2rad($deg)) > -M_PI && Angle::signedRad(deg2rad($deg)) <= M_PI, $what);
            foreach ([Angle::positiveDeg($deg), Angle::signedDeg($deg), rad2deg(Angle::positiveRad(deg2rad($deg))), rad2deg(Angle::signedRad(deg2rad($deg)))] as $reduced) {
                self::assertEqualsWithDelta(cos(deg2rad($deg)), cos(deg2rad($reduced)), 1e-6, $what);
                self::assertEqualsWithDelta(sin(deg2rad($deg)), sin(deg2rad($reduced)), 1e-6, $what);
            }
            self::assertSame(Angle::positiveDeg($deg), Angle::positiveDeg(Angle::positiveDeg($deg)), $what);
        }
    }

    public function testWaysOnTheGlobe(): void
    {
        // A quarter of the equator is 10 007.5 km on a sphere of 6 371 km; from the pole everything lies south.
        self::assertEqualsWithDelta(10007.5, Globe::distanceKm(0, 0, 0, 90), 0.1);
        self::assertEqualsWithDelta(90, Globe::bearingDeg(0, 0, 0, 90), 1e-9);
        self::assertEqualsWithDelta(180, Globe::bearingDeg(90, 0, 10, 0), 1e-6);

        // Going and measuring agree, also across the date line and close to a pole.
        foreach ([[0.0, 0.0], [36.5, -6.3], [-43.0, 179.5], [89.5, 10.0]] as [$lat, $lon]) {
            foreach ([10.0, 500.0, 3000.0] as $km) {
                for ($bearing = 0.0; $bearing < 360; $bearing += 45) {
                    [$toLat, $toLon] = Globe::travel($lat, $lon, $bearing, $km);
                    self::assertEqualsWithDelta($km, Globe::distanceKm($lat, $lon, $toLat, $toLon), 1e-6 * $km + 1e-4);
                    self::assertLessThanOrEqual(180, abs($toLon));
                }
            }
        }
    }

    public function testAContourOfADiscIsItsCircle(): void
    {
        $axis = [];
        for ($i = -15; $i <= 15; ++$i) {
            $axis[] = 0.1 * $i;
        }
        $values = array_map(static fn(float $y): array => array_map(static fn(float $x): float => hypot($x, $y), $axis), $axis);
        $lines = (new Contours($axis, $axis, $values))->at(1.0, static fn(): bool => true);

        self::assertCount(1, $lines, 'one closed line');
        self::assertSame($lines[0][0], $lines[0][count($lines[0]) - 1]);
        foreach ($lines[0] as [$x, $y]) {
            self::assertEqualsWithDelta(1.0, hypot($x, $y), 0.01);
        }
        $half = (new Contours($axis, $axis, $values))->at(1.0, static fn(float $x): bool => $x > 0);
        self::assertLessThan(count($lines[0]), array_sum(array_map('count', $half)));
    }

    public function testALineIsCutAtTheAntimeridian(): void
    {
        $pieces = MapLines::cutLine([[170.0, 10.0], [-170.0, 20.0], [-160.0, 20.0]]);

        self::assertSame([[[170.0, 10.0], [180.0, 15.0]], [[-180.0, 15.0], [-170.0, 20.0], [-160.0, 20.0]]], $pieces);
        self::assertSame([[[10.0, 0.0], [20.0, 0.0]]], MapLines::cutLine([[10.0, 0.0], [20.0, 0.0]]));
    }

    public function testAnAreaIsCutAtTheAntimeridianAndTakesInThePole(): void
    {
        $two = MapArea::cut([[170.0, 0.0], [-170.0, 0.0], [-170.0, 10.0], [170.0, 10.0]]);
        self::assertCount(2, $two);
        self::assertEqualsWithDelta(200.0, array_sum(array_map(self::area(...), $two)), 1e-9);

        $cap = MapArea::cut(array_map(static fn(int $lon): array => [(float) $lon, 80.0], range(-180, 170, 10)));
        self::assertEqualsWithDelta(3600.0, array_sum(array_map(self::area(...), $cap)), 1e-6, 'all longitudes, ten degrees of latitude');

        self::assertSame([], MapArea::cut([]));
    }

    public function testUnwrapping(): void
    {
        $expected = [0.0, 2.0, 4.0, 6.0, 8.0];
        $jumping = array_map(static fn(float $a): float => fmod($a + 3.0, Angle::TAU), $expected);
        foreach (Angle::unwrappedRad($jumping, $expected) as $k => $angle) {
            self::assertEqualsWithDelta($expected[$k] + 3.0, $angle, 1e-12);
        }
    }

    /** @param list<array{float, float}> $ring closed, anticlockwise */
    private static function area(array $ring): float
    {
        $sum = 0.0;
        for ($i = 1, $n = count($ring); $i < $n; ++$i) {
            $sum += $ring[$i - 1][0] * $ring[$i][1] - $ring[$i][0] * $ring[$i - 1][1];
        }

        return $sum / 2;
    }
}
