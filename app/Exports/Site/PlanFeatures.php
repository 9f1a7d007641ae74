<?php

declare(strict_types=1);

namespace App\Exports\Site;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Site\Plan\Shape;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;

/** A site plan as GeoJSON (RFC 7946): a feature a thing, with its kind and its measures in metres. */
final class PlanFeatures
{
    /** A degree's seventh decimal is a centimetre. */
    private const DECIMALS = 7;

    /** @return array<string, mixed> */
    public static function of(SitePlan $plan, LocalTangentPlane $frame): array
    {
        return ['type' => 'FeatureCollection', 'features' => array_map(static fn(Thing $thing): array => self::feature($thing, $frame), $plan->things)];
    }

    /** @return array<string, mixed> */
    private static function feature(Thing $thing, LocalTangentPlane $frame): array
    {
        $positions = array_map(static function (PlanPoint $point) use ($frame): array {
            $place = $frame->toGlobe($point);

            return [round($place->lonDeg, self::DECIMALS), round($place->latDeg, self::DECIMALS)];
        }, self::counterclockwise($thing));

        return [
            'type' => 'Feature',
            'properties' => ['kind' => $thing->kind->value, 'name' => $thing->name, 'height_m' => $thing->heightM]
                + ($thing->kind->shape() === Shape::Round ? ['radius_m' => $thing->radiusM] : [])
                + ($thing->kind->isOpening() ? ['sill_m' => $thing->sillM] : []),
            'geometry' => match ($thing->kind->shape()) {
                Shape::Area => ['type' => 'Polygon', 'coordinates' => [[...$positions, $positions[0]]]],
                Shape::Line => ['type' => 'LineString', 'coordinates' => $positions],
                Shape::Round, Shape::Point => ['type' => 'Point', 'coordinates' => $positions[0]],
            },
        ];
    }

    /** @return list<PlanPoint> an area's corners as RFC 7946 wants them; other points as they are */
    private static function counterclockwise(Thing $thing): array
    {
        return $thing->kind->shape() === Shape::Area && $thing->isClockwise ? array_reverse($thing->points) : $thing->points;
    }
}
