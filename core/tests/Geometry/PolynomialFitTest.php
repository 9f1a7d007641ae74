<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Geometry;

use KeenShadow\Core\Geometry\PolynomialFit;
use KeenShadow\Core\Geometry\SmallMatrix;
use PHPUnit\Framework\TestCase;

final class PolynomialFitTest extends TestCase
{
    /** Against numpy: Logbook/reference/make_reference.py. */
    public function testFitsAreThoseOfNumpy(): void
    {
        $rows = array_slice(array_map(static fn(string $line): array => explode(',', $line), explode("\n", trim((string) file_get_contents(dirname(__DIR__) . '/Logbook/reference/fit.csv')))), 1);
        self::assertCount(4, $rows);
        foreach ($rows as [$degree, $second, $third, $points, $coefficients, $at, $variance, $slopeVariance]) {
            [$x, $y, $weights] = array_map(null, ...array_map(static fn(string $point): array => array_map(floatval(...), explode(':', $point)), explode(' ', $points)));
            $fit = PolynomialFit::of($x, $y, $weights, max(1, (int) $degree), [0.0, 0.0, (float) $second, (float) $third]);
            self::assertNotNull($fit);
            foreach (explode(' ', $coefficients) as $power => $coefficient) {
                self::assertEqualsWithDelta((float) $coefficient, $fit->polynomial->coefficient($power), 1e-7);
            }
            self::assertEqualsWithDelta((float) $variance, $fit->variance((float) $at), 1e-9);
            self::assertEqualsWithDelta((float) $slopeVariance, $fit->slopeVariance((float) $at), 1e-9);
        }
    }

    public function testWhatPointsDoNotDetermineIsNotMadeUp(): void
    {
        self::assertNull(PolynomialFit::of([1.0, 1.0], [2.0, 3.0], [1.0, 1.0], 1));
        self::assertNull(SmallMatrix::inverse([[1.0, 2.0], [2.0, 4.0]]));
        self::assertSame([[0.0, 0.5], [1.0, 0.0]], SmallMatrix::inverse([[0.0, 1.0], [2.0, 0.0]]));
    }
}
