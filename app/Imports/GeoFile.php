<?php

declare(strict_types=1);

namespace App\Imports;

use SimpleXMLElement;

/** Outlines, lines and points from GeoJSON (RFC 7946), GPX 1.1 or KML 2.2. What a position or a property means is for the caller. */
final class GeoFile
{
    private const GEO_JSON = ['Point' => GeoKind::Point, 'MultiPoint' => GeoKind::Point, 'LineString' => GeoKind::Line, 'MultiLineString' => GeoKind::Line, 'Polygon' => GeoKind::Area, 'MultiPolygon' => GeoKind::Area];
    private const KML = ['Polygon' => GeoKind::Area, 'LineString' => GeoKind::Line, 'Point' => GeoKind::Point];

    /** Whether a file looks like one of these, and not like a table. */
    public static function is(string $path): bool
    {
        return in_array(self::start($path), ['<', '{', '['], true);
    }

    /**
     * @return list<GeoShape> in the order of the file
     *
     * @throws ImportException when it is not well-formed, or has a geometry of a kind that is not read
     */
    public static function read(string $path): array
    {
        if (self::start($path) !== '<') {
            return self::geoJson($path);
        }
        $xml = self::xml($path);

        return [...self::gpx($xml), ...self::kml($xml)];
    }

    private static function start(string $path): string
    {
        return substr(ltrim((string) file_get_contents($path, length: 1000), "\u{FEFF} \t\r\n"), 0, 1);
    }

    private static function xml(string $path): SimpleXMLElement
    {
        $before = libxml_use_internal_errors(true);
        $xml = simplexml_load_file($path, SimpleXMLElement::class, LIBXML_NONET);
        $error = libxml_get_last_error();
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $xml === false
            ? throw new ImportException(__('Line :line: the file is not well-formed XML (:why).', ['line' => $error === false ? 1 : $error->line, 'why' => $error === false ? '' : trim($error->message)]))
            : $xml;
    }

    /** @return list<GeoShape> of a collection, one feature or a bare geometry */
    private static function geoJson(string $path): array
    {
        $data = json_decode((string) file_get_contents($path), true);
        if (!is_array($data)) {
            throw new ImportException(__('The file is not valid JSON: :why.', ['why' => json_last_error_msg()]));
        }
        $features = match (true) {
            is_array($data['features'] ?? null) => $data['features'],
            isset($data['coordinates']) => [['geometry' => $data]],
            default => [$data],
        };
        $shapes = [];
        foreach ($features as $feature) {
            $geometry = is_array($feature) ? $feature['geometry'] ?? null : null;
            if (is_array($geometry) && isset($geometry['type'])) {
                array_push($shapes, ...self::geometry($geometry, is_array($feature['properties'] ?? null) ? $feature['properties'] : []));
            }
        }

        return $shapes;
    }

    /**
     * @param array<array-key, mixed> $geometry
     * @param array<array-key, mixed> $properties
     *
     * @return list<GeoShape>
     */
    private static function geometry(array $geometry, array $properties): array
    {
        $type = is_string($geometry['type']) ? $geometry['type'] : 'geometry';
        $kind = self::GEO_JSON[$type] ?? throw new ImportException(__('A :type is not read; save it as Polygon, LineString or Point.', ['type' => $type]));
        $coordinates = is_array($geometry['coordinates'] ?? null) ? array_values($geometry['coordinates']) : [];
        // Holes in an area are passed over: who stands in a courtyard draws its walls.
        $outer = static fn(mixed $rings): mixed => is_array($rings) ? $rings[0] ?? [] : [];
        $parts = match ($type) {
            'Point' => [[$coordinates]],
            'MultiPoint' => array_map(static fn(mixed $point): array => [$point], $coordinates),
            'LineString' => [$coordinates],
            'MultiLineString' => $coordinates,
            'Polygon' => [$outer($coordinates)],
            default => array_map($outer, $coordinates),
        };
        $texts = [];
        foreach ($properties as $key => $value) {
            $texts[(string) $key] = is_scalar($value) ? (string) $value : '';
        }

        return array_map(static fn(mixed $positions): GeoShape => new GeoShape($kind, self::positions($positions), $texts), $parts);
    }

    /** @return list<list<string>> */
    private static function positions(mixed $positions): array
    {
        return array_map(
            static fn(mixed $position): array => array_map(static fn(mixed $number): string => is_scalar($number) ? (string) $number : '', is_array($position) ? array_values($position) : []),
            is_array($positions) ? array_values($positions) : [],
        );
    }

    /** @return list<GeoShape> waypoints, then tracks and routes */
    private static function gpx(SimpleXMLElement $xml): array
    {
        $shapes = [];
        foreach ($xml->xpath('//*[local-name()="wpt"]') ?? [] as $point) {
            $shapes[] = new GeoShape(GeoKind::Point, [self::gpxPosition($point)], self::gpxProperties($point));
        }
        foreach ($xml->xpath('//*[local-name()="trk" or local-name()="rte"]') ?? [] as $track) {
            $points = array_values($track->xpath('.//*[local-name()="trkpt" or local-name()="rtept"]') ?? []);
            $shapes[] = new GeoShape(GeoKind::Track, array_map(self::gpxPosition(...), $points), self::gpxProperties($track));
        }

        return $shapes;
    }

    /** @return list<string> */
    private static function gpxPosition(SimpleXMLElement $point): array
    {
        return [(string) $point['lon'], (string) $point['lat'], self::child($point, 'ele')];
    }

    /**
     * Name, and what our own GPX says in <type> ("building") and <desc> ("height_m=9 radius_m=0 sill_m=0").
     *
     * @return array<string, string>
     */
    private static function gpxProperties(SimpleXMLElement $element): array
    {
        preg_match_all('/\b(\w+)=([\d.]+)/', self::child($element, 'desc'), $pairs);

        return ['name' => self::child($element, 'name'), 'kind' => self::child($element, 'type')] + array_combine($pairs[1], $pairs[2]);
    }

    /** @return list<GeoShape> */
    private static function kml(SimpleXMLElement $xml): array
    {
        $shapes = [];
        foreach ($xml->xpath('//*[local-name()="Placemark"]') ?? [] as $placemark) {
            foreach (self::KML as $element => $kind) {
                foreach ($placemark->xpath(".//*[local-name()=\"{$element}\"]") ?? [] as $geometry) {
                    $coordinates = (string) preg_replace('/\s+/', ' ', (string) (($geometry->xpath('.//*[local-name()="coordinates"]') ?? [])[0] ?? ''));
                    $positions = array_map(static fn(string $tuple): array => explode(',', $tuple), array_values(array_filter(explode(' ', $coordinates), static fn(string $tuple): bool => $tuple !== '')));
                    $shapes[] = new GeoShape($kind, $positions, ['name' => self::child($placemark, 'name')]);
                }
            }
        }

        return $shapes;
    }

    /** The text of an element's child, empty when there is none. */
    private static function child(SimpleXMLElement $element, string $name): string
    {
        $found = $element->xpath("./*[local-name()=\"{$name}\"]") ?? [];

        return trim(isset($found[0]) ? (string) $found[0] : '');
    }
}
