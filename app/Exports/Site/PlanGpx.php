<?php

declare(strict_types=1);

namespace App\Exports\Site;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Site\Plan\Shape;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use XMLWriter;

/** A site plan as GPX 1.1: waypoints for places and trees, a track for each outline and line, closed where it is an area. */
final class PlanGpx
{
    public static function of(string $title, SitePlan $plan, LocalTangentPlane $frame): string
    {
        $xml = new XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('gpx');
        $xml->writeAttribute('version', '1.1');
        $xml->writeAttribute('creator', 'Keen Shadow');
        $xml->writeAttribute('xmlns', 'http://www.topografix.com/GPX/1/1');
        $xml->startElement('metadata');
        $xml->writeElement('name', $title);
        $xml->endElement();
        $isPoint = static fn(Thing $t): bool => count($t->points) === 1;
        // The schema wants all waypoints before the first track.
        foreach (array_filter($plan->things, $isPoint) as $thing) {
            self::point($xml, 'wpt', $thing->at(), $frame, $thing);
        }
        foreach (array_filter($plan->things, static fn(Thing $t): bool => !$isPoint($t)) as $thing) {
            self::track($xml, $thing, $frame);
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private static function track(XMLWriter $xml, Thing $thing, LocalTangentPlane $frame): void
    {
        $xml->startElement('trk');
        self::words($xml, $thing);
        $xml->startElement('trkseg');
        foreach ($thing->kind->shape() === Shape::Area ? [...$thing->points, $thing->at()] : $thing->points as $point) {
            self::point($xml, 'trkpt', $point, $frame);
        }
        $xml->endElement();
        $xml->endElement();
    }

    private static function point(XMLWriter $xml, string $element, PlanPoint $point, LocalTangentPlane $frame, ?Thing $thing = null): void
    {
        $place = $frame->toGlobe($point);
        $xml->startElement($element);
        $xml->writeAttribute('lat', sprintf('%.7f', $place->latDeg));
        $xml->writeAttribute('lon', sprintf('%.7f', $place->lonDeg));
        if ($thing !== null) {
            self::words($xml, $thing);
        }
        $xml->endElement();
    }

    private static function words(XMLWriter $xml, Thing $thing): void
    {
        $xml->writeElement('name', $thing->name);
        $xml->writeElement('desc', "height_m={$thing->heightM} radius_m={$thing->radiusM} sill_m={$thing->sillM}");
        $xml->writeElement('type', $thing->kind->value);
    }
}
