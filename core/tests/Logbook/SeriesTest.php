<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Logbook;

use KeenShadow\Core\Logbook\Series;
use PHPUnit\Framework\TestCase;

/** Readings in their order, worked by hand; a million out of order as a property. */
final class SeriesTest extends TestCase
{
    public function testCutAndMeasured(): void
    {
        $series = Series::of([60.0, 0.0, 120.0, 600.0], [2.0, 1.0, 2.5, 9.0]);
        self::assertSame([[0.0, 60.0, 120.0, 600.0], [1.0, 2.0, 2.5, 9.0]], [$series->atS, $series->values]);
        self::assertSame([[60.0, 120.0], [2.0, 2.5]], [$series->between(60, 120)->atS, $series->between(60, 120)->values]);
        self::assertSame([], $series->between(601, 900)->atS);
        self::assertSame($series, $series->between(-1, 601));
        self::assertSame([60.0, 0.5], [$series->stepS(), $series->resolution()]);
        self::assertSame([480.0, 60.0, 300.0], [$series->longestGapS(0, 600), $series->longestGapS(0, 120), $series->longestGapS(700, 1000)]);
        self::assertSame([null, 1.0, 1.5, 9.0, null], [$series->at(-1), $series->at(0), $series->at(30), $series->at(600), $series->at(601)]);
        self::assertSame([0.0, 0.0, null], [Series::of([], [])->stepS(), Series::of([1.0], [3.0])->resolution(), Series::of([], [])->at(0)]);
    }

    public function testAboveAnother(): void
    {
        $above = Series::of([0.0, 10.0, 20.0, 30.0, 40.0], [5.0, 5.0, 6.0, 5.0, 5.0])->minus(Series::of([10.0, 30.0], [1.0, 3.0]));
        self::assertSame([[10.0, 20.0, 30.0], [4.0, 4.0, 2.0]], [$above->atS, $above->values]);
        self::assertSame([], Series::of([1.0], [1.0])->minus(Series::of([], []))->values);
    }

    /** The median of each minute at the mean of its times: a spike does no harm. */
    public function testMedians(): void
    {
        $medians = Series::of([0.0, 20.0, 40.0, 60.0, 200.0], [1.0, 85.0, 2.0, 3.0, 4.0])->medians(60);
        self::assertSame([[20.0, 60.0, 200.0], [2.0, 3.0, 4.0]], [$medians->atS, $medians->values]);
        self::assertSame([2.0, 2.5, 0.0], [Series::median([3.0, 1.0, 2.0]), Series::median([1.0, 2.0, 3.0, 4.0]), Series::median([])]);
    }

    public function testWhateverTheOrder(): void
    {
        mt_srand(7);
        $atS = range(0.0, 2000.0, 1.0);
        shuffle($atS);
        $series = Series::of($atS, array_map(static fn(float $s): float => 2 * $s, $atS));
        for ($i = 1; $i < $series->count(); ++$i) {
            self::assertSame([1.0, 2 * $series->atS[$i]], [$series->atS[$i] - $series->atS[$i - 1], $series->values[$i]]);
        }
    }
}
