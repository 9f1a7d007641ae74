<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/**
 * Lines and areas in longitude and latitude, cut at the antimeridian as RFC 7946 (GeoJSON), section 3.1.9, asks for.
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
     * An area, given by its edge, as rings that each stay within −180 … 180, are closed and run anticlockwise. An edge
     * that goes once around a pole takes that pole in.
     *
     * @param list<Point> $edge not closed
     *
     * @return list<list<Point>>
     */
    public static function cutArea(array $edge): array
    {
        $ring = self::unwrapped($edge);
        if ($ring === []) {
            return [];
        }
        $lons = array_column($ring, 0);
        $rings = [];
        $first = (int) floor((min($lons) + 180) / 360);
        $last = (int) ceil((max($lons) + 180) / 360) - 1;
        for ($turn = $first; $turn <= max($first, $last); ++$turn) {
            $clipped = self::clip(self::clip($ring, 360.0 * $turn - 180, 1), 360.0 * $turn + 180, -1);
            if (count($clipped) > 2) {
                $rings[] = self::closed(array_map(static fn(array $p): array => [$p[0] - 360.0 * $turn, $p[1]], $clipped));
            }
        }

        return $rings;
    }

    /**
     * The edge with longitudes that run on past ±180; with the pole's corners when it goes around one.
     *
     * @param list<Point> $edge
     *
     * @return list<Point>
     */
    private static function unwrapped(array $edge): array
    {
        if ($edge === []) {
            return [];
        }
        $ring = [];
        $lon = $edge[0][0];
        foreach ($edge as $point) {
            $lon += rad2deg(Angle::signedRad(deg2rad($point[0] - $lon)));
            $ring[] = [$lon, $point[1]];
        }
        $home = $lon + rad2deg(Angle::signedRad(deg2rad($ring[0][0] - $lon)));
        if (abs($home - $ring[0][0]) > 180) {
            $pole = array_sum(array_column($ring, 1)) > 0 ? 90.0 : -90.0;
            $start = $ring[0];
            $ring[] = [$home, $start[1]];
            $ring[] = [$home, $pole];
            $ring[] = [$start[0], $pole];
        }

        return $ring;
    }

    /**
     * Sutherland & Hodgman (1974): the part on one side of a meridian.
     *
     * @param list<Point> $ring
     * @param int $side +1 keeps what lies east of it, −1 what lies west
     *
     * @return list<Point>
     */
    private static function clip(array $ring, float $meridian, int $side): array
    {
        $kept = [];
        $count = count($ring);
        foreach ($ring as $i => [$lon, $lat]) {
            [$lonBefore, $latBefore] = $ring[($i + $count - 1) % $count];
            $in = $side * ($lon - $meridian) >= 0;
            if ($in !== ($side * ($lonBefore - $meridian) >= 0)) {
                $kept[] = [$meridian, $latBefore + ($meridian - $lonBefore) / ($lon - $lonBefore) * ($lat - $latBefore)];
            }
            if ($in) {
                $kept[] = [$lon, $lat];
            }
        }

        return $kept;
    }

    /**
     * @param non-empty-list<Point> $ring
     *
     * @return list<Point> anticlockwise, its first point again at the end
     */
    private static function closed(array $ring): array
    {
        $area = 0.0;
        $count = count($ring);
        foreach ($ring as $i => [$lon, $lat]) {
            [$nextLon, $nextLat] = $ring[($i + 1) % $count];
            $area += $lon * $nextLat - $nextLon * $lat;
        }
        if ($area < 0) {
            $ring = array_reverse($ring);
        }
        $ring[] = $ring[0];

        return $ring;
    }
}
