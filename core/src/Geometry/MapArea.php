<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/**
 * Areas in longitude and latitude, cut at the antimeridian as RFC 7946 (GeoJSON), section 3.1.9, asks for. Points are
 * [longitude, latitude] in degrees.
 *
 * @phpstan-type Point array{float, float}
 */
final class MapArea
{
    /**
     * An area, given by its edge, as rings that each stay within −180 … 180, are closed and run anticlockwise. An edge
     * that goes once around a pole takes that pole in. An edge that nowhere crosses itself gives rings that do not either.
     *
     * @param list<Point> $edge not closed
     *
     * @return list<list<Point>>
     */
    public static function cut(array $edge): array
    {
        $left = $edge === [] ? [] : [self::unwrapped($edge)];
        $rings = [];
        while (($ring = array_pop($left)) !== null) {
            $lons = array_column($ring, 0);
            if (max([0.0, ...$lons]) > 180) {
                [$west, $east] = self::parted($ring, 180.0);
                array_push($left, ...$west, ...array_map(static fn(array $r): array => self::turned($r, -360.0), $east));
            } elseif (min([0.0, ...$lons]) < -180) {
                [$west, $east] = self::parted($ring, -180.0);
                array_push($left, ...$east, ...array_map(static fn(array $r): array => self::turned($r, 360.0), $west));
            } elseif (count($ring) > 2) {
                $rings[] = self::closed($ring);
            }
        }

        return $rings;
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

        return self::ledToThePole($ring, $last);
    }

    /**
     * An edge that goes once around eastward, from the antimeridian on, where it comes nearest to the pole.
     *
     * @param list<Point> $ring
     * @param Point $last the first point again, a turn later
     *
     * @return list<Point>
     */
    private static function ledToThePole(array $ring, array $last): array
    {
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
                    $best = [$i, $lat];
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
        [$segments, $sides] = self::segments($ring, $meridian, $isEast, $first);
        $partner = self::partners(array_map(static fn(array $s): float => $s[0][1], $segments));
        $parts = [[], []];
        $used = [];
        foreach ($sides as $start => $side) {
            $part = [];
            // A segment ends where the next begins; from there along the meridian to the partner, where one of its side begins.
            for ($k = $start; !isset($used[$k]); $k = $partner[($k + 1) % count($segments)]) {
                $used[$k] = true;
                array_push($part, ...$segments[$k]);
            }
            if ($part !== []) {
                $parts[$side][] = $part;
            }
        }

        return $parts;
    }

    /**
     * Segments of the edge that stay on one side, each from a crossing to a crossing.
     *
     * @param list<Point> $ring
     * @param list<bool> $isEast
     * @param int $first a point just behind a crossing
     *
     * @return array{list<non-empty-list<Point>>, list<0|1>} and on which side each lies
     */
    private static function segments(array $ring, float $meridian, array $isEast, int $first): array
    {
        $count = count($ring);
        $segments = $sides = [];
        for ($k = 0; $k < $count; ++$k) {
            $i = ($first + $k) % $count;
            $before = ($i + $count - 1) % $count;
            if ($isEast[$i] !== $isEast[$before]) {
                [$lon, $lat] = $ring[$i];
                [$lonBefore, $latBefore] = $ring[$before];
                $crossing = [$meridian, $latBefore + ($meridian - $lonBefore) / ($lon - $lonBefore) * ($lat - $latBefore)];
                if ($segments !== []) {
                    $segments[count($segments) - 1][] = $crossing;
                }
                $segments[] = [$crossing];
                $sides[] = $isEast[$i] ? 1 : 0;
            }
            $segments[count($segments) - 1][] = $ring[$i];
        }
        $segments[count($segments) - 1][] = $segments[0][0];

        return [array_values($segments), $sides];
    }

    /**
     * Along the meridian the area lies between the first and second crossing, the third and fourth, and so on.
     *
     * @param list<float> $crossings latitudes
     *
     * @return array<int, int> the other one of each
     */
    private static function partners(array $crossings): array
    {
        asort($crossings);
        $order = array_keys($crossings);
        $partner = [];
        for ($k = 0; $k + 1 < count($order); $k += 2) {
            $partner[$order[$k]] = $order[$k + 1];
            $partner[$order[$k + 1]] = $order[$k];
        }

        return $partner;
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
