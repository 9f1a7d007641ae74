<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use App\Text\Iso;
use KeenShadow\Core\Geometry\MapArea;
use KeenShadow\Core\Geometry\MapLines;
use KeenShadow\Core\Sky\CentralArea;
use KeenShadow\Core\Sky\MagnitudeMap;
use KeenShadow\Core\Sky\ShadowPath;
use KeenShadow\Core\Sky\SolarEclipse;

/**
 * An eclipse on the map as GeoJSON (RFC 7946) features: its path, central line with instants, lines of equal magnitude,
 * and where the maximum falls on sunrise or sunset.
 */
final class PathFeatures
{
    private const MAGNITUDES = [0.0, 0.2, 0.4, 0.6, 0.8];
    private const INSTANT_EVERY_MINUTES = 10;

    /** @return array<string, mixed> */
    public static function of(SolarEclipse $eclipse): array
    {
        $path = ShadowPath::of($eclipse);
        $map = MagnitudeMap::of($eclipse);
        $area = CentralArea::of($eclipse);
        $features = [];
        if ($area->rings !== []) {
            $features[] = self::feature('path', ['kind' => $eclipse->kind->value], 'MultiPolygon', array_map(
                static fn(array $ring): array => [self::rounded($ring)],
                array_merge(...array_map(MapArea::cut(...), $area->rings)),
            ));
            $features[] = self::lines('limit', [], $area->limits);
        }
        if ($path->points !== []) {
            $features[] = self::lines('central_line', [], [$path->line()]);
            foreach (ShadowPath::everyMinutes($eclipse, self::INSTANT_EVERY_MINUTES) as $point) {
                $features[] = self::feature('instant', [
                    'time' => Iso::instant($point->time),
                    'duration_s' => round($point->durationSeconds, 1),
                    'width_km' => round($point->widthKm),
                    'sun_altitude_deg' => round($point->sunAltitudeDeg, 1),
                ], 'Point', [round($point->lonDeg, 4), round($point->latDeg, 4)]);
            }
        }
        foreach (self::MAGNITUDES as $magnitude) {
            $features[] = self::lines($magnitude > 0 ? 'magnitude' : 'edge_of_eclipse', ['magnitude' => $magnitude], $map->lineOf($magnitude));
        }
        $features[] = self::lines('maximum_at_horizon', [], $map->riseSetLine());

        return ['type' => 'FeatureCollection', 'features' => $features];
    }

    /**
     * @param array<string, mixed> $properties
     * @param list<list<array{float, float}>> $lines
     *
     * @return array<string, mixed>
     */
    private static function lines(string $what, array $properties, array $lines): array
    {
        $pieces = array_merge([], ...array_map(MapLines::cutLine(...), $lines));

        return self::feature($what, $properties, 'MultiLineString', array_map(self::rounded(...), $pieces));
    }

    /**
     * @param array<string, mixed> $properties
     * @param list<mixed> $coordinates
     *
     * @return array<string, mixed>
     */
    private static function feature(string $what, array $properties, string $type, array $coordinates): array
    {
        return [
            'type' => 'Feature',
            'properties' => ['what' => $what] + $properties,
            'geometry' => ['type' => $type, 'coordinates' => $coordinates],
        ];
    }

    /**
     * Four decimals are ten metres.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function rounded(array $points): array
    {
        return array_map(static fn(array $p): array => [round($p[0], 4), round($p[1], 4)], $points);
    }
}
