<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

/**
 * Reads coordinates in the forms people have them: decimal degrees, degrees with minutes and seconds, letters before or
 * behind, a geo: URI (RFC 5870), a waypoint of a GPX file (GPX 1.1).
 */
final class CoordinateText
{
    private const NUMBER = '[+-]?\d{1,3}(?:[.,]\d+)?';
    private const PART = '(?<d%1$d>[+-]?\d{1,3}(?:\.\d+)?)\s*(?:[°d:]\s*|\s+|(?=[NSEWO])|$)'
        . '(?:(?<m%1$d>\d{1,2}(?:\.\d+)?)\s*(?:[′\'m:]\s*|\s+|(?=[NSEWO])|$))?'
        . '(?:(?<s%1$d>\d{1,2}(?:\.\d+)?)\s*(?:[″"s]|\'\')?\s*)?';

    /** @return Coordinates|null null when the text is no coordinates, or none on the Earth */
    public static function parse(string $text): ?Coordinates
    {
        $text = trim(str_replace(['−', '’', '”', 'º'], ['-', '′', '″', '°'], $text));

        return self::waypoint($text) ?? self::geoUri($text) ?? self::decimal($text) ?? self::lettered($text);
    }

    private static function waypoint(string $text): ?Coordinates
    {
        if (preg_match('/<(?:\w+:)?wpt\b[^>]*>/', $text, $tag) !== 1
            || preg_match('/\blat\s*=\s*["\']([-+]?\d+(?:\.\d*)?)["\']/', $tag[0], $lat) !== 1
            || preg_match('/\blon\s*=\s*["\']([-+]?\d+(?:\.\d*)?)["\']/', $tag[0], $lon) !== 1) {
            return null;
        }
        $height = preg_match('/<ele>\s*([-+]?\d+(?:\.\d*)?)\s*<\/ele>/', $text, $ele) === 1 ? (float) $ele[1] : null;
        $name = preg_match('/<name>\s*([^<]{1,120}?)\s*<\/name>/', $text, $n) === 1 ? html_entity_decode($n[1], ENT_XML1 | ENT_QUOTES) : null;

        return self::onEarth((float) $lat[1], (float) $lon[1], $height, $name);
    }

    private static function geoUri(string $text): ?Coordinates
    {
        if (preg_match('/^geo:(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)(?:,(-?\d+(?:\.\d+)?))?(?:;.*)?$/i', $text, $m) !== 1) {
            return null;
        }

        // RFC 5870: in WGS 84 altitudes are above the ellipsoid.
        return self::onEarth((float) $m[1], (float) $m[2], isset($m[3]) ? (float) $m[3] : null, null, isset($m[3]));
    }

    /** "36.53 -6.29", "36.53, -6.29", "36,53 -6,29", "36,53; -6,29". */
    private static function decimal(string $text): ?Coordinates
    {
        $number = self::NUMBER;
        if (preg_match("/^({$number})°?(?:\s*[,;]\s+|\s*;\s*|\s+)({$number})°?$/u", $text, $m) !== 1
            && preg_match('/^([+-]?\d{1,3}\.\d+)°?,([+-]?\d{1,3}\.\d+)°?$/u', $text, $m) !== 1) {
            return null;
        }

        return self::onEarth((float) str_replace(',', '.', $m[1]), (float) str_replace(',', '.', $m[2]));
    }

    /** Degrees, minutes, seconds with a letter behind or before: 36°31′38″N 6°17′33″W, N 36 31.6 W 6 17.5. */
    private static function lettered(string $text): ?Coordinates
    {
        $text = mb_strtoupper(str_replace(',', '.', (string) preg_replace('/,\s+|\s*;\s*/', ' ', $text)));
        $text = str_replace('O', 'W', $text);
        $first = sprintf(self::PART, 1);
        $second = sprintf(self::PART, 2);
        if (preg_match("/^{$first}(?<l1>[NS])\s*{$second}(?<l2>[EW])$/u", $text, $m) !== 1
            && preg_match("/^(?<l1>[NS])\s*{$first}\s*(?<l2>[EW])\s*{$second}$/u", $text, $m) !== 1) {
            return null;
        }
        $lat = self::degrees($m, 1);
        $lon = self::degrees($m, 2);

        return $lat === null || $lon === null ? null : self::onEarth($m['l1'] === 'S' ? -$lat : $lat, $m['l2'] === 'W' ? -$lon : $lon);
    }

    /** @param array<int|string, string> $m */
    private static function degrees(array $m, int $part): ?float
    {
        $d = (float) $m["d{$part}"];
        $minutes = ($m["m{$part}"] ?? '') === '' ? 0.0 : (float) $m["m{$part}"];
        $seconds = ($m["s{$part}"] ?? '') === '' ? 0.0 : (float) $m["s{$part}"];

        return $d < 0 || $minutes >= 60 || $seconds >= 60 ? null : $d + $minutes / 60 + $seconds / 3600;
    }

    private static function onEarth(float $lat, float $lon, ?float $height = null, ?string $name = null, bool $isOverEllipsoid = false): ?Coordinates
    {
        return abs($lat) > 90 || abs($lon) > 180 ? null : new Coordinates($lat, $lon, $height, $name, $isOverEllipsoid);
    }
}
