<?php

declare(strict_types=1);

namespace App\Imports;

use KeenShadow\Core\Position\Coordinates;
use SimpleXMLElement;

/** XML and JSON files as somebody sends them: read in full, or a message that says where they break. */
final class Documents
{
    /** @throws ImportException with the line at which it is not well-formed */
    public static function xml(string $path): SimpleXMLElement
    {
        $before = libxml_use_internal_errors(true);
        $xml = simplexml_load_file($path, SimpleXMLElement::class, LIBXML_NONET);
        $error = libxml_get_last_error();
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $xml === false
            ? throw new ImportException(__('Line :line: the file is no well-formed XML (:why).', ['line' => $error === false ? 1 : $error->line, 'why' => $error === false ? '' : trim($error->message)]))
            : $xml;
    }

    /**
     * The features of a GeoJSON file (RFC 7946), be it a collection, one feature or a bare geometry.
     *
     * @return list<array{geometry: array<array-key, mixed>, properties: array<array-key, mixed>}>
     *
     * @throws ImportException when it is no JSON
     */
    public static function geoJson(string $path): array
    {
        $data = json_decode((string) file_get_contents($path), true);
        if (!is_array($data)) {
            throw new ImportException(__('The file is no valid JSON: :why.', ['why' => json_last_error_msg()]));
        }
        $features = match (true) {
            is_array($data['features'] ?? null) => $data['features'],
            isset($data['coordinates']) => [['geometry' => $data]],
            default => [$data],
        };
        $found = [];
        foreach ($features as $feature) {
            if (is_array($feature) && is_array($feature['geometry'] ?? null)) {
                $found[] = ['geometry' => $feature['geometry'], 'properties' => is_array($feature['properties'] ?? null) ? $feature['properties'] : []];
            }
        }

        return $found;
    }

    /**
     * A place as a file has it.
     *
     * @throws ImportException when it is no pair of numbers, or none on the Earth
     */
    public static function place(string $lat, string $lon): Coordinates
    {
        if (!is_numeric($lat) || !is_numeric($lon) || abs((float) $lat) > 90 || abs((float) $lon) > 360) {
            throw new ImportException(__('Latitude “:lat”, longitude “:lon” is no place on the Earth: the file gives degrees as numbers, north and east positive.', ['lat' => mb_strimwidth($lat, 0, 40, '…'), 'lon' => mb_strimwidth($lon, 0, 40, '…')]));
        }

        return new Coordinates((float) $lat, (float) $lon);
    }

    /** The text of an element's child, empty when there is none. */
    public static function child(SimpleXMLElement $element, string $name): string
    {
        $found = $element->xpath("./*[local-name()=\"{$name}\"]") ?? [];

        return trim(isset($found[0]) ? (string) $found[0] : '');
    }
}
