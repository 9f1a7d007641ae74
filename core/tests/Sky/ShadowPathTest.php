<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\CentralArea;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\MagnitudeMap;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\ShadowPath;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShadowPathTest extends TestCase
{
    /**
     * Source: width of the path at greatest eclipse, Five Millennium Canon of Solar Eclipses (from memory).
     *
     * @return iterable<string, array{string, float}>
     */
    public static function widths(): iterable
    {
        yield '2027' => ['2027-08-02', 258];
        yield '2026' => ['2026-08-12', 294];
        yield '2028 over Australia' => ['2028-07-22', 230];
        yield '2021 annular over the pole' => ['2021-06-10', 527];
        yield '2021 total in Antarctica' => ['2021-12-04', 419];
    }

    #[DataProvider('widths')]
    public function testWidthAtGreatestEclipse(string $date, float $widthKm): void
    {
        $eclipse = (new EclipseSearch())->onDate($date);
        $point = ShadowPath::of($eclipse)->nearestTo(Observer::at($eclipse->latDeg, $eclipse->lonDeg));

        self::assertNotNull($point);
        self::assertEqualsWithDelta($widthKm, $point->widthKm, 0.02 * $widthKm);
        self::assertEqualsWithDelta((float) $eclipse->durationSeconds(), $point->durationSeconds, 2.0);
    }

    #[DataProvider('widths')]
    public function testTheLimitsPartInsideFromOutside(string $date): void
    {
        $eclipse = (new EclipseSearch())->onDate($date);
        $path = ShadowPath::of($eclipse);
        $tried = 0;
        foreach (CentralArea::of($eclipse)->limits as $line) {
            foreach ($line as $limit) {
                $point = $path->nearestTo(Observer::at($limit[1], $limit[0]));
                self::assertNotNull($point);
                $towards = static fn(float $part): LocalKind => $eclipse->circumstances(Observer::at(
                    $limit[1] + $part * ($point->latDeg - $limit[1]),
                    $limit[0] + $part * ($point->lonDeg - $limit[0]),
                ))->kind;
                if (abs($limit[1]) < 75 && abs($point->lonDeg - $limit[0]) < 30) {
                    self::assertTrue($towards(0.02)->isCentral());
                    self::assertFalse($towards(-0.02)->isCentral());
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(20, $tried);
    }

    /**
     * Source: altitude of the Sun at greatest eclipse, Five Millennium Canon of Solar Eclipses (from memory). On the
     * central line the maximum falls on the instant that is written there, and no place beside it is deeper inside.
     */
    public function testTheInstantsOfTheCentralLine(): void
    {
        foreach (['1999-08-11' => 59, '2019-07-02' => 50, '2024-04-08' => 70, '2026-08-12' => 26, '2027-08-02' => 82] as $date => $altitude) {
            $eclipse = (new EclipseSearch())->onDate($date);
            $nearest = null;
            foreach (ShadowPath::everyMinutes($eclipse, 10) as $point) {
                $away = abs($point->time->getTimestamp() - $eclipse->greatest()->getTimestamp());
                $nearest = $nearest === null || $away < $nearest[0] ? [$away, $point->sunAltitudeDeg] : $nearest;
                $maximum = $eclipse->circumstances(Observer::at($point->latDeg, $point->lonDeg))->maximum;
                self::assertEqualsWithDelta((float) $point->time->format('U.u'), (float) $maximum->time()->format('U.u'), 1.0, $date);
                self::assertLessThan(1.0, hypot($maximum->u, $maximum->v) * 6378, "{$date}: the axis passes within a kilometre");
                self::assertSame(0, (int) $point->time->modify('+500 milliseconds')->format('i') % 10);
            }
            self::assertNotNull($nearest);
            self::assertEqualsWithDelta($altitude, $nearest[1], 2.0, $date);
        }
    }

    public function testPartialEclipsesHaveNoPath(): void
    {
        self::assertSame([], ShadowPath::of((new EclipseSearch())->onDate('2025-03-29'))->points);
    }

    /** A line of equal magnitude against the magnitude itself, computed at its points. */
    public function testLinesOfEqualMagnitude(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2027-08-02');
        $map = MagnitudeMap::of($eclipse);
        foreach ([0.2, 0.6] as $magnitude) {
            $lines = $map->lineOf($magnitude);
            self::assertNotSame([], $lines);
            foreach (array_merge(...$lines) as [$lon, $lat]) {
                $view = $eclipse->circumstances(Observer::at($lat, $lon))->maximum;
                self::assertEqualsWithDelta($magnitude, $view->magnitude(), 0.02);
            }
        }
        foreach (array_merge(...$map->riseSetLine()) as [$lon, $lat]) {
            self::assertLessThan(2.5, abs($eclipse->circumstances(Observer::at($lat, $lon))->maximum->altitudeDeg() + 0.83));
        }
    }

    /**
     * Source: Meeus, J. Br. Astron. Assoc. 92 (1982) 124 (from memory): a place sees a total eclipse once in about 375
     * years; common practice says 350–375. Sampled over the sphere and the catalogue's three centuries.
     */
    public function testAPlaceSeesATotalEclipseAboutOnceIn375Years(): void
    {
        $places = 150;
        $seen = 0;
        foreach ((new EclipseSearch())->inYears(1900, 2199) as $eclipse) {
            for ($i = 0; $i < $places; ++$i) {
                // Evenly over the sphere: the golden angle around, equal steps of sin φ.
                $observer = Observer::at(rad2deg(asin(1 - (2 * $i + 1) / $places)), fmod($i * 137.50776, 360) - 180);
                $c = $eclipse->circumstances($observer);
                $seen += $c->kind === LocalKind::Total && $c->maximum->isSunUp() ? 1 : 0;
            }
        }

        // Some 120 counts: their statistical error is about a tenth.
        self::assertEqualsWithDelta(375, 300 * $places / $seen, 75);
    }
}
