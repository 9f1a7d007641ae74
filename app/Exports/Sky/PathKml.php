<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use KeenShadow\Core\Geometry\MapArea;
use KeenShadow\Core\Geometry\MapLines;
use KeenShadow\Core\Sky\CentralArea;
use KeenShadow\Core\Sky\ShadowPath;
use KeenShadow\Core\Sky\SolarEclipse;
use XMLWriter;

/** The path and the central line of an eclipse as KML (OGC 07-147r2). */
final class PathKml
{
    public static function of(SolarEclipse $eclipse, string $title): string
    {
        $path = ShadowPath::of($eclipse);
        $xml = new XMLWriter();
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElementNs(null, 'kml', 'http://www.opengis.net/kml/2.2');
        $xml->startElement('Document');
        $xml->writeElement('name', $title);
        foreach (array_merge([], ...array_map(MapArea::cut(...), CentralArea::of($eclipse)->rings)) as $ring) {
            $xml->startElement('Placemark');
            $xml->writeElement('name', $eclipse->kind->value);
            $xml->startElement('Polygon');
            $xml->startElement('outerBoundaryIs');
            $xml->startElement('LinearRing');
            $xml->writeElement('coordinates', self::coordinates($ring));
            $xml->endElement();
            $xml->endElement();
            $xml->endElement();
            $xml->endElement();
        }
        foreach ($path->points === [] ? [] : MapLines::cutLine($path->line()) as $line) {
            $xml->startElement('Placemark');
            $xml->writeElement('name', 'central line');
            $xml->startElement('LineString');
            $xml->writeElement('tessellate', '1');
            $xml->writeElement('coordinates', self::coordinates($line));
            $xml->endElement();
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** @param list<array{float, float}> $points */
    private static function coordinates(array $points): string
    {
        return implode(' ', array_map(static fn(array $p): string => sprintf('%.4F,%.4F,0', $p[0], $p[1]), $points));
    }
}
