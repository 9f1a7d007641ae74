<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Geometry;

use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Geometry\MapArea;
use KeenShadow\Core\Geometry\MapLines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Areas cut at 180° and around the poles, as properties of circles on the globe: of those one knows what lies inside. */
final class MapLinesTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> middle, radius in km */
    public static function circles(): iterable
    {
        yield 'plain' => [36.5, -6.3, 400];
        yield 'across 180°' => [-20.0, 178.0, 800];
        yield 'touching 180°' => [10.0, 175.0, 600];
        yield 'with the north pole' => [86.0, 40.0, 900];
        yield 'around the south pole' => [-90.0, 0.0, 1500];
        yield 'beside the pole, across 180°' => [84.0, 179.0, 500];
        yield 'large' => [40.0, 120.0, 4500];
    }

    #[DataProvider('circles')]
    public function testAPointIsInTheRingsWhenItIsInTheCircle(float $lat, float $lon, float $km): void
    {
        mt_srand(5);
        $rings = MapArea::cut(self::circle($lat, $lon, $km));
        self::assertNotSame([], $rings);
        foreach ($rings as $ring) {
            self::assertSame($ring[0], $ring[count($ring) - 1]);
            self::assertGreaterThan(0, self::area($ring), 'anticlockwise');
        }
        $inside = 0;
        for ($i = 0; $i < 600; ++$i) {
            [$atLat, $atLon] = $i % 2 === 0 ? Globe::travel($lat, $lon, mt_rand(0, 359), $km * mt_rand(0, 200) / 100) : [rad2deg(asin(mt_rand(-1000, 1000) / 1000)), mt_rand(-17990, 17990) / 100];
            $away = Globe::distanceKm($lat, $lon, $atLat, $atLon);
            // Between two corners the straight line on the map leaves the circle by some kilometres.
            if (abs($away - $km) > 0.02 * $km + 5 && abs($atLon) < 179.9) {
                $isIn = count(array_filter($rings, static fn(array $r): bool => MapLines::contains($r, $atLon, $atLat)));
                self::assertSame($away < $km ? 1 : 0, $isIn, "{$atLat} {$atLon}");
                $inside += $isIn;
            }
        }
        self::assertGreaterThan(50, $inside);
    }

    /** Every point of the area lies in one of the cells that are looked through for towns. */
    #[DataProvider('circles')]
    public function testTheCellsCoverTheArea(float $lat, float $lon, float $km): void
    {
        mt_srand(6);
        $cells = array_merge(...array_map(MapLines::cells(...), MapArea::cut(self::circle($lat, $lon, $km))));
        for ($i = 0; $i < 300; ++$i) {
            [$atLat, $atLon] = Globe::travel($lat, $lon, mt_rand(0, 359), $km * sqrt(mt_rand(0, 1000) / 1000));
            if (abs($atLat) < 89.5) {
                self::assertArrayHasKey((int) floor($atLon) . ',' . (int) floor($atLat), $cells, "{$atLat} {$atLon}");
            }
        }
        self::assertLessThan(360 * 180 / 2, count($cells));
    }

    /** An area that leaves 180° and comes back keeps its parts apart: a comb with three teeth across it. */
    public function testATeethedAreaGivesSimpleParts(): void
    {
        $comb = [[170.0, 0.0]];
        foreach ([0, 1, 2] as $k) {
            array_push($comb, [190.0, 4.0 * $k], [190.0, 4.0 * $k + 2], [178.0, 4.0 * $k + 2], [178.0, 4.0 * $k + 4]);
        }
        $comb[] = [170.0, 12.0];
        $rings = MapArea::cut(array_map(static fn(array $p): array => [$p[0] > 180 ? $p[0] - 360 : $p[0], $p[1]], $comb));

        self::assertCount(4, $rings, 'three teeth and the rest');
        self::assertEqualsWithDelta(3 * 10 * 2.0, array_sum(array_map(static fn(array $r): float => $r[0][0] < 0 ? self::area($r) : 0.0, $rings)), 5.0, 'what lies beyond 180°');
        foreach ([[-175.0, 1.0, true], [-175.0, 3.0, false], [-175.0, 5.0, true], [-175.0, 9.0, true], [175.0, 3.0, true]] as [$lon, $lat, $isIn]) {
            self::assertSame($isIn, array_filter($rings, static fn(array $r): bool => MapLines::contains($r, $lon, $lat)) !== [], "{$lon} {$lat}");
        }
    }

    /** @return list<array{float, float}> */
    private static function circle(float $lat, float $lon, float $km): array
    {
        return array_map(static function (int $turn) use ($lat, $lon, $km): array {
            [$atLat, $atLon] = Globe::travel($lat, $lon, $turn, $km);

            return [$atLon, $atLat];
        }, range(0, 358, 2));
    }

    /** @param list<array{float, float}> $ring */
    private static function area(array $ring): float
    {
        $sum = 0.0;
        for ($i = 1, $n = count($ring); $i < $n; ++$i) {
            $sum += $ring[$i - 1][0] * $ring[$i][1] - $ring[$i][0] * $ring[$i - 1][1];
        }

        return $sum / 2;
    }
}
