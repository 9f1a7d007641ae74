<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Geometry\MapArea;
use KeenShadow\Core\Geometry\MapLines;
use KeenShadow\Core\Sky\Catalogue;
use KeenShadow\Core\Sky\CentralArea;
use KeenShadow\Core\Sky\EclipseKind;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalSolver;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Tests\ReferenceTable;
use PHPUnit\Framework\TestCase;

/** Where on the Earth an eclipse is total or annular: the drawn areas against the contacts' own solver. */
final class CentralAreaTest extends TestCase
{
    /** What the map's straight pieces may leave of the true edge. */
    private const EDGE_KM = 1.5;
    private const EDGE_DEG = 0.05;

    /**
     * A property over the whole catalogue: inside the rings the umbra passes with the Sun up, outside it does not. Asked
     * near the edge, at both ends, around the pole, across 180°, and anywhere. And each ring is fit for GeoJSON (RFC 7946).
     */
    public function testEveryAreaOfThreeCenturiesHoldsWhatItSays(): void
    {
        mt_srand(7);
        $kinds = [];
        foreach ($this->eclipses() as $eclipse) {
            $area = CentralArea::of($eclipse);
            if ($eclipse->kind === EclipseKind::Partial) {
                self::assertSame([], $area->rings);
                continue;
            }
            $rings = array_merge([], ...array_map(MapArea::cut(...), $area->rings));
            self::assertNotSame([], $rings, $eclipse->date());
            foreach ($rings as $ring) {
                self::assertRing($ring, $eclipse->date());
                for ($i = 1, $n = count($ring); $i < $n; $i += (int) max(1, $n / 8)) {
                    foreach ([-150, -40, -10, 10, 40, 150] as $km) {
                        $this->assertDrawn($eclipse, $rings, ...Globe::travel($ring[$i][1], $ring[$i][0], mt_rand(0, 359), $km));
                    }
                }
            }
            for ($i = 0; $i < 12; ++$i) {
                $this->assertDrawn($eclipse, $rings, rad2deg(asin(mt_rand(-1000, 1000) / 1000)), mt_rand(-17999, 17999) / 100);
            }
            $kinds[$eclipse->kind->value] = true;
        }
        self::assertCount(3, $kinds);
    }

    /** Towns that see totality in an eclipse whose axis misses the Earth: the five with no central line that had no path. */
    public function testEclipsesWithoutACentralLineHaveTheirArea(): void
    {
        foreach (['1957-10-23', '1967-11-02', '2014-04-29', '2043-04-09', '2043-10-03'] as $date) {
            $eclipse = (new EclipseSearch())->onDate($date);
            $area = CentralArea::of($eclipse);
            self::assertCount(1, $area->rings, $date);
            self::assertCount(1, $area->limits, $date);
        }
    }

    /** Source: the ring of 10 June 2021 passed over the pole (Five Millennium Canon, from memory). */
    public function testThePoleLiesInIt(): void
    {
        $rings = array_merge(...array_map(MapArea::cut(...), CentralArea::of((new EclipseSearch())->onDate('2021-06-10'))->rings));
        foreach ([0.0, 90.0, -120.0] as $lon) {
            self::assertTrue(self::isIn($rings, 89.99, $lon));
        }
    }

    public function testTheNearestPointOfTheEdge(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2026-08-12');
        $area = CentralArea::of($eclipse);
        $from = [36.53, -6.29];
        $edge = $area->nearestTo(...$from);
        self::assertNotNull($edge);
        $km = Globe::distanceKm(...$from, ...[$edge->latDeg, $edge->lonDeg]);
        $bearing = Globe::bearingDeg(...$from, ...[$edge->latDeg, $edge->lonDeg]);
        foreach ([[$km - 2, false], [$km + 2, true]] as [$away, $isInside]) {
            self::assertSame($isInside, $eclipse->circumstances(Observer::at(...Globe::travel(...$from, ...[$bearing, $away])))->kind->isCentral());
        }
        // Nearer there is nothing: all around the circle just short of it.
        for ($turn = 0; $turn < 360; $turn += 5) {
            self::assertFalse($eclipse->circumstances(Observer::at(...Globe::travel(...$from, ...[$turn, $km - 2])))->kind->isCentral());
        }
        self::assertNull(CentralArea::of((new EclipseSearch())->onDate('2025-03-29'))->nearestTo(0, 0));
    }

    /** @return iterable<SolarEclipse> */
    private function eclipses(): iterable
    {
        foreach (ReferenceTable::read(dirname(__DIR__, 2) . '/data/solar-eclipses.csv') as $row) {
            yield Catalogue::solarEclipse($row);
        }
    }

    /** @param list<list<array{float, float}>> $rings */
    private function assertDrawn(SolarEclipse $eclipse, array $rings, float $lat, float $lon): void
    {
        $view = (new LocalSolver($eclipse->elements))->maximum(Observer::at($lat, $lon), $eclipse->deltaT, $eclipse->greatestHours);
        $depthKm = $view->depthInUmbra() * 6378.137;
        $up = $view->altitudeDeg() - Horizon::riseSetAltitudeDeg($view->sunSemidiameterDeg());
        $isAtEdge = abs($depthKm) < self::EDGE_KM || ($depthKm > 0 && abs($up) < self::EDGE_DEG) || abs($lon) > 179.99;
        if (!$isAtEdge) {
            self::assertSame($depthKm > 0 && $up > 0, self::isIn($rings, $lat, $lon), sprintf('%s at %.3f %.3f, depth %.1f km, Sun %.2f°', $eclipse->date(), $lat, $lon, $depthKm, $up));
        }
    }

    /** @param list<list<array{float, float}>> $rings */
    private static function isIn(array $rings, float $lat, float $lon): bool
    {
        return array_filter($rings, static fn(array $ring): bool => MapLines::contains($ring, $lon, $lat)) !== [];
    }

    /**
     * Closed, within range, anticlockwise, and nowhere crossing itself.
     *
     * @param list<array{float, float}> $ring
     */
    private static function assertRing(array $ring, string $what): void
    {
        $count = count($ring);
        self::assertSame($ring[0], $ring[$count - 1], $what);
        $area = 0.0;
        $sides = [];
        for ($i = 1; $i < $count; ++$i) {
            [[$lon1, $lat1], [$lon2, $lat2]] = [$ring[$i - 1], $ring[$i]];
            self::assertTrue(abs($lon2) <= 180 && abs($lat2) <= 90, $what);
            $area += $lon1 * $lat2 - $lon2 * $lat1;
            $sides[] = [min($lon1, $lon2), max($lon1, $lon2), $ring[$i - 1], $ring[$i], $i];
        }
        self::assertGreaterThan(0.0, $area, "{$what}: anticlockwise");
        usort($sides, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($sides as $n => [, $east, $a, $b, $i]) {
            for ($m = $n + 1; isset($sides[$m]) && $sides[$m][0] <= $east; ++$m) {
                [, , $c, $d, $j] = $sides[$m];
                $isNext = abs($i - $j) <= 1 || abs($i - $j) >= $count - 2;
                if (!$isNext && self::turn($a, $b, $c) * self::turn($a, $b, $d) < 0 && self::turn($c, $d, $a) * self::turn($c, $d, $b) < 0) {
                    self::fail("{$what}: the ring crosses itself near {$a[1]} {$a[0]}");
                }
            }
        }
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
