<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Geometry;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\ChebyshevFit;
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

    public function testCoveredFraction(): void
    {
        // Two equal discs, each through the other's centre: 2/3 − √3/(2π) (any text on plane geometry).
        self::assertEqualsWithDelta(2 / 3 - sqrt(3) / (2 * M_PI), TwoCircles::coveredFraction(1, 1, 1), 1e-12);
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
}
