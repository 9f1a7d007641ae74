<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Sky\BesselianElements;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\ElementsBuilder;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\SolarEclipse;
use LengthException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BesselianElementsTest extends TestCase
{
    /** @return iterable<array{string, float, float, float}> */
    public static function radii(): iterable
    {
        foreach (['1900-05-28', '2026-08-12', '2027-08-02', '2028-01-26', '2031-11-14', '2186-07-16'] as $date) {
            yield [$date, Radii::PENUMBRAL_K, Radii::PENUMBRAL_K, Radii::SUN_KM];
            yield [$date, 0.272517, 0.272288, 696000.0];
        }
    }

    /** Other radii put into elements that are there give what the series give when asked anew: within a metre at the cones, and 0.001 s of totality or ring. */
    #[DataProvider('radii')]
    public function testWithRadiiIsTheSameAsBuiltAnew(string $date, float $k1, float $k2, float $sunKm): void
    {
        $radii = Radii::of($k1, $k2, $sunKm);
        $eclipse = (new EclipseSearch())->onDate($date);
        $anew = (new ElementsBuilder())->build($eclipse->elements->t0JulianDateTt, $radii);
        $changed = $eclipse->elements->withRadii($radii);
        $metre = 1 / 6378137;

        foreach ([-3.0, -1.0, 0.0, 1.5, 3.0] as $hours) {
            self::assertEqualsWithDelta($anew->l1->at($hours), $changed->l1->at($hours), $metre);
            self::assertEqualsWithDelta($anew->l2->at($hours), $changed->l2->at($hours), $metre);
        }
        self::assertEqualsWithDelta($anew->tanF1, $changed->tanF1, 1e-12);
        self::assertEqualsWithDelta($anew->tanF2, $changed->tanF2, 1e-12);
        self::assertNotEqualsWithDelta($eclipse->elements->l2->at(0.0), $changed->l2->at(0.0), 10 * $metre);
        self::assertSame([$anew->x->coefficients, $anew->sunDistance], [$changed->x->coefficients, $changed->sunDistance]);

        $expected = SolarEclipse::ofElements($anew);
        self::assertNotNull($expected);
        $found = $eclipse->withRadii($radii);
        self::assertSame($expected->kind, $found->kind);
        self::assertEqualsWithDelta($expected->durationSeconds(), $found->durationSeconds(), 0.001);
    }

    public function testAPolynomialOfAnotherDegreeIsNoElement(): void
    {
        $e = (new EclipseSearch())->onDate('2027-08-02')->elements;
        $this->expectException(LengthException::class);
        new BesselianElements(t0JulianDateTt: $e->t0JulianDateTt, x: $e->x, y: new Polynomial([0.0, 1.0]), dRad: $e->dRad, muRad: $e->muRad, l1: $e->l1, l2: $e->l2, tanF1: $e->tanF1, tanF2: $e->tanF2, sunDistance: $e->sunDistance, radii: $e->radii);
    }
}
