<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/**
 * Lines in longitude and latitude, cut at the antimeridian as RFC 7946 (GeoJSON), section 3.1.9, asks for.
 * Points are [longitude, latitude] in degrees.
 *
 * @phpstan-type Point array{float, float}
 */
final class MapLines
{
    /**
     * A line in pieces that each stay within −180 … 180.
     *
     * @param list<Point> $line
     *
     * @return list<list<Point>>
     */
    public static function cutLine(array $line): array
    {
        $pieces = [];
        $piece = [];
        $before = null;
        foreach ($line as [$lon, $lat]) {
            if ($before !== null && abs($lon - $before[0]) > 180) {
                $side = $before[0] > 0 ? 180.0 : -180.0;
                $run = $lon + 2 * $side - $before[0];
                $part = abs($run) < 1e-9 ? 0.0 : ($side - $before[0]) / $run;
                $crossing = $before[1] + $part * ($lat - $before[1]);
                $piece[] = [$side, $crossing];
                $pieces[] = $piece;
                $piece = [[-$side, $crossing]];
            }
            $piece[] = [$lon, $lat];
            $before = [$lon, $lat];
        }
        $pieces[] = $piece;

        return array_values(array_filter($pieces, static fn(array $p): bool => count($p) > 1));
    }

    /**
     * Whether a point lies in a closed ring in the plane of longitude and latitude (ray crossing).
     *
     * @param list<Point> $ring
     */
    public static function contains(array $ring, float $lon, float $lat): bool
    {
        $isInside = false;
        for ($i = 1, $n = count($ring); $i < $n; ++$i) {
            [$lon1, $lat1] = $ring[$i - 1];
            [$lon2, $lat2] = $ring[$i];
            if (($lat1 > $lat) !== ($lat2 > $lat) && $lon < $lon1 + ($lon2 - $lon1) * ($lat - $lat1) / ($lat2 - $lat1)) {
                $isInside = !$isInside;
            }
        }

        return $isInside;
    }

    /**
     * The whole degrees of longitude and latitude that a closed ring touches or lies next to.
     *
     * @param list<Point> $ring
     *
     * @return array<string, array{int, int}> [longitude, latitude] of their south-west corners
     */
    public static function cells(array $ring): array
    {
        $cells = [];
        $mark = static function (int $lon, int $lat) use (&$cells): void {
            for ($i = -1; $i <= 1; ++$i) {
                for ($j = -1; $j <= 1; ++$j) {
                    $column = ($lon + $i + 540) % 360 - 180;
                    $cells["{$column},{$lat}"] = [$column, $lat];
                    $cells[$column . ',' . ($lat + $j)] = [$column, $lat + $j];
                }
            }
        };
        for ($i = 1, $n = count($ring); $i < $n; ++$i) {
            $steps = (int) max(1, ceil(2 * max(abs($ring[$i][0] - $ring[$i - 1][0]), abs($ring[$i][1] - $ring[$i - 1][1]))));
            for ($k = 0; $k < $steps; ++$k) {
                $part = $k / $steps;
                $mark((int) floor($ring[$i - 1][0] + $part * ($ring[$i][0] - $ring[$i - 1][0])), (int) floor($ring[$i - 1][1] + $part * ($ring[$i][1] - $ring[$i - 1][1])));
            }
        }
        [$west, $east] = self::range($ring, 0);
        [$south, $north] = self::range($ring, 1);
        for ($lat = (int) floor($south); $lat <= $north; ++$lat) {
            for ($lon = (int) floor($west); $lon <= $east; ++$lon) {
                if (self::contains($ring, $lon + 0.5, $lat + 0.5)) {
                    $cells["{$lon},{$lat}"] = [$lon, $lat];
                }
            }
        }

        return $cells;
    }

    /**
     * @param list<Point> $ring
     *
     * @return array{float, float} the least and the greatest longitude (0) or latitude (1)
     */
    private static function range(array $ring, int $coordinate): array
    {
        $values = array_column($ring, $coordinate);

        return $values === [] ? [0.0, 0.0] : [min($values), max($values)];
    }
}
