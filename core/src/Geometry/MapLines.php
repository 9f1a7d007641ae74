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
     * that goes once around a pole takes that pole in. An edge that nowhere crosses itself gives rings that do not either.
     *
     * @param list<Point> $edge not closed
     *
     * @return list<list<Point>>
     */
    public static function cutArea(array $edge): array
    {
        $left = $edge === [] ? [] : [self::unwrapped($edge)];
        $rings = [];
        while (($ring = array_pop($left)) !== null) {
            [$least, $most] = self::range($ring, 0);
            if ($most > 180) {
                [$west, $east] = self::parted($ring, 180.0);
                array_push($left, ...$west, ...array_map(static fn(array $r): array => self::turned($r, -360.0), $east));
            } elseif ($least < -180) {
                [$west, $east] = self::parted($ring, -180.0);
                array_push($left, ...$east, ...array_map(static fn(array $r): array => self::turned($r, 360.0), $west));
            } elseif (count($ring) > 2) {
                $rings[] = self::closed($ring);
            }
        }

        return $rings;
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
     * The edge with longitudes that run on past ±180. One that goes around a pole begins and ends at the antimeridian,
     * where it comes nearest to the pole, and is led to the pole along it.
     *
     * @param non-empty-list<Point> $edge
     *
     * @return list<Point>
     */
    private static function unwrapped(array $edge): array
    {
        $ring = [];
        $lon = $edge[0][0];
        foreach ([...$edge, $edge[0]] as $point) {
            $lon += Angle::signedDeg($point[0] - $lon);
            $ring[] = [$lon, $point[1]];
        }
        $last = array_pop($ring);
        $turn = $last[0] - $ring[0][0];
        if (abs($turn) < 180) {
            return $ring;
        }
        if ($turn < 0) {
            return self::unwrapped(array_reverse($edge));
        }
        $pole = array_sum(array_column($ring, 1)) > 0 ? 90.0 : -90.0;
        $count = count($ring);
        $best = null;
        for ($i = 0; $i < $count; ++$i) {
            [$from, $fromLat] = $ring[$i];
            [$to, $toLat] = $ring[$i + 1] ?? $last;
            $seam = 360.0 * floor((max($from, $to) + 180) / 360) - 180;
            if (($from < $seam) !== ($to < $seam)) {
                $lat = $fromLat + ($seam - $from) / ($to - $from) * ($toLat - $fromLat);
                if ($best === null || abs($lat) > abs($best[1])) {
                    $best = [$i, $lat, $from < $to];
                }
            }
        }
        [$at, $lat] = $best ?? [0, $ring[0][1]];
        // From the seam on, once around, counted from −180.
        $round = [[-180.0, $lat]];
        $lon = -180.0;
        for ($k = 1; $k <= $count; ++$k) {
            $point = $ring[($at + $k) % $count];
            $lon += Angle::signedDeg($point[0] - $lon);
            $round[] = [$lon, $point[1]];
        }

        return [...$round, [180.0, $lat], [180.0, $pole], [0.0, $pole], [-180.0, $pole]];
    }

    /**
     * The parts of an area to the west and to the east of a meridian.
     *
     * @param list<Point> $ring
     *
     * @return array{list<list<Point>>, list<list<Point>>}
     */
    private static function parted(array $ring, float $meridian): array
    {
        $count = count($ring);
        $isEast = array_map(static fn(array $p): bool => $p[0] > $meridian, $ring);
        $first = null;
        for ($i = 0; $i < $count; ++$i) {
            if ($isEast[$i] !== $isEast[($i + $count - 1) % $count]) {
                $first = $i;
                break;
            }
        }
        if ($first === null) {
            return $isEast[0] ?? false ? [[], [$ring]] : [[$ring], []];
        }
        // Stretches of the edge that stay on one side, each from a crossing to a crossing.
        $stretches = $sides = [];
        for ($k = 0; $k < $count; ++$k) {
            $i = ($first + $k) % $count;
            $before = ($i + $count - 1) % $count;
            if ($isEast[$i] !== $isEast[$before]) {
                [$lon, $lat] = $ring[$i];
                [$lonBefore, $latBefore] = $ring[$before];
                $crossing = [$meridian, $latBefore + ($meridian - $lonBefore) / ($lon - $lonBefore) * ($lat - $latBefore)];
                if ($stretches !== []) {
                    $stretches[count($stretches) - 1][] = $crossing;
                }
                $stretches[] = [$crossing];
                $sides[] = $isEast[$i] ? 1 : 0;
            }
            $stretches[count($stretches) - 1][] = $ring[$i];
        }
        $stretches[count($stretches) - 1][] = $stretches[0][0];

        // Along the meridian the area lies between the first and second crossing, the third and fourth, and so on.
        $crossings = array_map(static fn(array $s): float => $s[0][1], $stretches);
        asort($crossings);
        $order = array_keys($crossings);
        $partner = [];
        for ($k = 0; $k + 1 < count($order); $k += 2) {
            $partner[$order[$k]] = $order[$k + 1];
            $partner[$order[$k + 1]] = $order[$k];
        }
        $parts = [[], []];
        $used = [];
        foreach ($sides as $start => $side) {
            $part = [];
            // A stretch ends where the next begins; from there along the meridian to the partner, where one of its side begins.
            for ($k = $start; !isset($used[$k]); $k = $partner[($k + 1) % count($stretches)]) {
                $used[$k] = true;
                array_push($part, ...$stretches[$k]);
            }
            if ($part !== []) {
                $parts[$side][] = $part;
            }
        }

        return $parts;
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

    /**
     * @param list<Point> $ring
     *
     * @return list<Point>
     */
    private static function turned(array $ring, float $deg): array
    {
        return array_map(static fn(array $p): array => [$p[0] + $deg, $p[1]], $ring);
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
