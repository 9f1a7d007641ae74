<?php

declare(strict_types=1);

namespace App\Imports;

/** GeoJSON (RFC 7946): a collection, one feature or a bare geometry. */
final class GeoJson
{
    private const KINDS = ['Point' => GeoKind::Point, 'MultiPoint' => GeoKind::Point, 'LineString' => GeoKind::Line, 'MultiLineString' => GeoKind::Line, 'Polygon' => GeoKind::Area, 'MultiPolygon' => GeoKind::Area];
    private const DEPTH = 32;

    /** @var list<GeoShape> */
    private array $shapes = [];
    private int $points = 0;

    private function __construct(private readonly int $mostShapes) {}

    /**
     * @return list<GeoShape> in the order of the file
     *
     * @throws ImportException when it is not valid, holds too much or a geometry of a kind that is not read
     */
    public static function read(string $path, int $mostShapes): array
    {
        $text = (string) file_get_contents($path);
        if (str_starts_with($text, "\u{FEFF}")) {
            $text = substr($text, strlen("\u{FEFF}"));
        }
        Limits::hold(substr_count($text, '[') + substr_count($text, '{'), Limits::PARTS, __('brackets'));
        $data = json_decode($text, true, self::DEPTH);
        if (!is_array($data)) {
            throw new ImportException(__('The file is not valid JSON: :why.', ['why' => json_last_error_msg()]));
        }
        $features = match (true) {
            is_array($data['features'] ?? null) => $data['features'],
            isset($data['coordinates']) => [['geometry' => $data]],
            default => [$data],
        };
        $file = new self($mostShapes);
        foreach ($features as $feature) {
            $geometry = is_array($feature) ? $feature['geometry'] ?? null : null;
            if (is_array($geometry) && isset($geometry['type'])) {
                $file->add($geometry, is_array($feature['properties'] ?? null) ? $feature['properties'] : []);
            }
        }

        return $file->shapes;
    }

    /**
     * @param array<array-key, mixed> $geometry
     * @param array<array-key, mixed> $properties
     */
    private function add(array $geometry, array $properties): void
    {
        $type = is_string($geometry['type']) ? $geometry['type'] : 'geometry';
        $kind = self::KINDS[$type] ?? throw new ImportException(__('A :type is not read; save it as Polygon, LineString or Point.', ['type' => $type]));
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
        foreach ($parts as $part) {
            $this->shapes[] = new GeoShape($kind, $this->positions($part), $texts);
            Limits::hold(count($this->shapes), $this->mostShapes, __('things'));
        }
    }

    /** @return list<list<string>> */
    private function positions(mixed $positions): array
    {
        $list = is_array($positions) ? array_values($positions) : [];
        $this->points += count($list);
        Limits::hold($this->points, Limits::POINTS, __('points'));

        return array_map(
            static fn(mixed $position): array => array_map(static fn(mixed $number): string => is_scalar($number) ? (string) $number : '', is_array($position) ? array_slice(array_values($position), 0, 4) : []),
            $list,
        );
    }
}
