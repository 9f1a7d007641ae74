<?php

declare(strict_types=1);

namespace App\Imports\Site;

use App\Imports\Documents;
use App\Imports\ImportException;
use App\Imports\ImportFaults;
use App\Text\Numbers;
use App\Text\Refusals;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Position\Coordinates;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Site\Plan\Shape;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\SiteException;
use SimpleXMLElement;

/**
 * Outlines, lines and points for a site plan from GeoJSON, GPX or KML. All of the file is taken, or none of it.
 *
 * Our own files say what each thing is (see docs/FORMATS.md). In others an area becomes what the sender chooses, a track
 * that ends where it began is an area, any other line is a wall, a point is a place for viewers; heights are the usual ones.
 */
final class OutlineFile
{
    private const MOST_FAULTS = 20;
    private const FIRST_RADIUS_M = 3.0;
    /** A track whose ends lie nearer together than this goes around an area. */
    private const CLOSED_M = 3.0;

    /**
     * @param ThingKind $areas what an area is that does not say so itself
     *
     * @return SitePlan the plan with what was found added
     *
     * @throws ImportFaults
     */
    public static function addTo(SitePlan $plan, string $path, LocalTangentPlane $frame, ThingKind $areas): SitePlan
    {
        $start = ltrim((string) file_get_contents($path, length: 1000), "\u{FEFF} \t\r\n");
        try {
            $shapes = str_starts_with($start, '<') ? self::xml(Documents::xml($path), $frame) : self::geoJson(Documents::geoJson($path));
        } catch (ImportException $e) {
            throw new ImportFaults([$e->getMessage()], 1);
        }
        if ($shapes === []) {
            throw new ImportFaults([__('There is no outline, line or point in the file.')], 1);
        }
        $things = $plan->things;
        $faults = [];
        foreach ($shapes as $i => $shape) {
            try {
                $things[] = self::thing($shape, $i + 1, $frame, $areas, $things);
            } catch (SiteException|ImportException $e) {
                $faults[] = __('Thing :n: :why', ['n' => $i + 1, 'why' => $e instanceof Refusal ? Refusals::words($e) : $e->getMessage()]);
            }
        }
        if ($faults !== []) {
            throw new ImportFaults(array_slice($faults, 0, self::MOST_FAULTS), count($faults));
        }
        try {
            return SitePlan::of($things, $plan->horizon, $plan->accuracyM);
        } catch (SiteException $e) {
            throw new ImportFaults([Refusals::words($e)], 1);
        }
    }

    /**
     * @param list<Thing> $others
     *
     * @throws SiteException|ImportException
     */
    private static function thing(FoundShape $found, int $number, LocalTangentPlane $frame, ThingKind $areas, array $others): Thing
    {
        $kind = $found->kind ?? match ($found->shape) {
            Shape::Area => $areas,
            Shape::Line => ThingKind::Wall,
            Shape::Round => ThingKind::Tree,
            Shape::Point => ThingKind::Audience,
        };
        $names = array_map(static fn(Thing $t): string => $t->name, $others);
        $written = trim((string) preg_replace('/[[:cntrl:]]+/u', ' ', $found->name));
        $name = mb_substr($written === '' ? "{$kind->value} {$number}" : $written, 0, Thing::LONGEST_NAME);
        $free = $name;
        for ($n = 2; in_array($free, $names, true); ++$n) {
            $free = mb_substr($name, 0, Thing::LONGEST_NAME - 5) . " ({$n})";
        }

        foreach ($found->points as $point) {
            $km = Globe::distanceKm($frame->latDeg, $frame->lonDeg, $point->latDeg, $point->lonDeg);
            if ($km * 1000 > Thing::FARTHEST_M) {
                throw new ImportException(__('“:name” lies :km km from the event\'s place; a plan reaches :most km. Is it another site\'s file, or is the event somewhere else?', [
                    'name' => $free, 'km' => Numbers::about($km), 'most' => Thing::FARTHEST_M / 1000,
                ]));
            }
        }

        return Thing::of(
            $kind,
            $free,
            array_map(static fn(Coordinates $c): PlanPoint => self::rounded($frame->toPlan($c)), $found->points),
            $found->heightM,
            $found->radiusM ?? self::FIRST_RADIUS_M,
            $found->sillM,
        );
    }

    /**
     * @param list<array{geometry: array<array-key, mixed>, properties: array<array-key, mixed>}> $features
     *
     * @return list<FoundShape>
     */
    private static function geoJson(array $features): array
    {
        $shapes = [];
        foreach ($features as ['geometry' => $geometry, 'properties' => $properties]) {
            $text = static fn(string $key): string => is_scalar($properties[$key] ?? null) ? (string) $properties[$key] : '';
            $number = static fn(string $key): ?float => is_numeric($properties[$key] ?? null) ? (float) $properties[$key] : null;
            $coordinates = is_array($geometry['coordinates'] ?? null) ? $geometry['coordinates'] : [];
            // Holes in an area are passed over: who stands in a courtyard draws its walls.
            $parts = match ($geometry['type'] ?? '') {
                'Point' => [[Shape::Point, [$coordinates]]],
                'LineString' => [[Shape::Line, $coordinates]],
                'Polygon' => [[Shape::Area, $coordinates[0] ?? []]],
                'MultiPolygon' => array_map(static fn(mixed $polygon): array => [Shape::Area, is_array($polygon) ? $polygon[0] ?? [] : []], array_values($coordinates)),
                'MultiLineString' => array_map(static fn(mixed $line): array => [Shape::Line, $line], array_values($coordinates)),
                'MultiPoint' => array_map(static fn(mixed $point): array => [Shape::Point, [$point]], array_values($coordinates)),
                '' => [],
                default => throw new ImportException(__('A :type is not read; save it as Polygon, LineString or Point.', ['type' => is_string($geometry['type']) ? $geometry['type'] : 'geometry'])),
            };
            foreach ($parts as [$shape, $positions]) {
                $shapes[] = new FoundShape($text('name'), $shape, self::positions($positions, $shape), ThingKind::tryFrom($text('kind')), $number('height_m'), $number('radius_m'), $number('sill_m'));
            }
        }

        return $shapes;
    }

    /** @return list<Coordinates> */
    private static function positions(mixed $positions, Shape $shape): array
    {
        $points = [];
        foreach (is_array($positions) ? $positions : [] as $position) {
            $number = static fn(int $i): string => is_array($position) && is_scalar($position[$i] ?? null) ? (string) $position[$i] : '';
            $points[] = Documents::place($number(1), $number(0));
        }

        return $shape === Shape::Area ? self::withoutClosing($points) : $points;
    }

    /** @return list<FoundShape> */
    private static function xml(SimpleXMLElement $xml, LocalTangentPlane $frame): array
    {
        $shapes = [];
        foreach ($xml->xpath('//*[local-name()="wpt"]') ?? [] as $wpt) {
            $shapes[] = new FoundShape(Documents::child($wpt, 'name'), Shape::Point, self::gpxPoints([$wpt]), ...self::gpxProperties($wpt));
        }
        foreach ($xml->xpath('//*[local-name()="trk" or local-name()="rte"]') ?? [] as $track) {
            $points = self::gpxPoints(array_values($track->xpath('.//*[local-name()="trkpt" or local-name()="rtept"]') ?? []));
            $properties = self::gpxProperties($track);
            $shape = $properties['kind']?->shape() ?? (self::isClosed($points, $frame) ? Shape::Area : Shape::Line);
            $shapes[] = new FoundShape(Documents::child($track, 'name'), $shape, $shape === Shape::Area ? self::withoutClosing($points) : $points, ...$properties);
        }
        foreach ($xml->xpath('//*[local-name()="Placemark"]') ?? [] as $placemark) {
            foreach (['Polygon' => Shape::Area, 'LineString' => Shape::Line, 'Point' => Shape::Point] as $element => $shape) {
                foreach ($placemark->xpath(".//*[local-name()=\"{$element}\"]") ?? [] as $geometry) {
                    $points = self::kmlPoints((string) (($geometry->xpath('.//*[local-name()="coordinates"]') ?? [])[0] ?? ''));
                    $shapes[] = new FoundShape(Documents::child($placemark, 'name'), $shape, $shape === Shape::Area ? self::withoutClosing($points) : $points);
                }
            }
        }

        return $shapes;
    }

    /**
     * @param list<SimpleXMLElement> $elements with the attributes lat and lon
     *
     * @return list<Coordinates>
     */
    private static function gpxPoints(array $elements): array
    {
        return array_map(static fn(SimpleXMLElement $e): Coordinates => Documents::place((string) $e['lat'], (string) $e['lon']), $elements);
    }

    /**
     * What our own GPX says in <type> ("building") and <desc> ("height_m=9 radius_m=0 sill_m=0").
     *
     * @return array{kind: ThingKind|null, heightM: float|null, radiusM: float|null, sillM: float|null}
     */
    private static function gpxProperties(SimpleXMLElement $element): array
    {
        $description = Documents::child($element, 'desc');
        $number = static fn(string $name): ?float => preg_match("/\\b{$name}=([\\d.]+)/", $description, $m) === 1 ? (float) $m[1] : null;

        return ['kind' => ThingKind::tryFrom(Documents::child($element, 'type')), 'heightM' => $number('height_m'), 'radiusM' => $number('radius_m'), 'sillM' => $number('sill_m')];
    }

    /** @return list<Coordinates> */
    private static function kmlPoints(string $text): array
    {
        $points = [];
        foreach (array_filter(explode(' ', (string) preg_replace('/\s+/', ' ', $text)), static fn(string $tuple): bool => $tuple !== '') as $tuple) {
            $parts = explode(',', $tuple);
            $points[] = Documents::place($parts[1] ?? '', $parts[0]);
        }

        return $points;
    }

    /** @param list<Coordinates> $points */
    private static function isClosed(array $points, LocalTangentPlane $frame): bool
    {
        return count($points) > 3 && $frame->toPlan($points[0])->distanceM($frame->toPlan($points[count($points) - 1])) < self::CLOSED_M;
    }

    /**
     * @param list<Coordinates> $points
     *
     * @return list<Coordinates> without the last one when it is the first again
     */
    private static function withoutClosing(array $points): array
    {
        $last = $points[count($points) - 1] ?? null;
        $isAgain = count($points) > 1 && $last !== null && abs($last->latDeg - $points[0]->latDeg) < 1e-7 && abs($last->lonDeg - $points[0]->lonDeg) < 1e-7;

        return $isAgain ? array_slice($points, 0, -1) : $points;
    }

    /** To the centimetre. */
    private static function rounded(PlanPoint $point): PlanPoint
    {
        return new PlanPoint(round($point->eastM, 2), round($point->northM, 2));
    }
}
