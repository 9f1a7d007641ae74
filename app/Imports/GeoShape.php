<?php

declare(strict_types=1);

namespace App\Imports;

use App\Text\PlainText;
use KeenShadow\Core\Position\Coordinates;

/** One outline, line or point as a file gave it, with what is written about it. */
final readonly class GeoShape
{
    /**
     * @param list<list<string>> $positions longitude, latitude and perhaps height, as the file has them
     * @param array<string, string> $properties
     */
    public function __construct(
        public GeoKind $kind,
        private array $positions,
        private array $properties,
    ) {}

    public function text(string $property): string
    {
        return PlainText::of($this->properties[$property] ?? '');
    }

    public function number(string $property): ?float
    {
        return is_numeric($this->text($property)) ? (float) $this->text($property) : null;
    }

    /**
     * @return list<Coordinates> of an area without its closing corner
     *
     * @throws ImportException when one is no pair of numbers, or none on the Earth
     */
    public function points(): array
    {
        $points = array_map(self::place(...), $this->positions);

        return $this->kind === GeoKind::Area ? self::withoutClosing($points) : $points;
    }

    /**
     * @param list<Coordinates> $points
     *
     * @return list<Coordinates> without the last one when it is the first again
     */
    public static function withoutClosing(array $points): array
    {
        $last = $points[count($points) - 1] ?? null;
        $isAgain = count($points) > 1 && $last !== null && abs($last->latDeg - $points[0]->latDeg) < 1e-7 && abs($last->lonDeg - $points[0]->lonDeg) < 1e-7;

        return $isAgain ? array_slice($points, 0, -1) : $points;
    }

    /** @param list<string> $position */
    private static function place(array $position): Coordinates
    {
        [$lon, $lat, $height] = array_pad($position, 3, '');
        if (!is_numeric($lat) || !is_numeric($lon) || abs((float) $lat) > 90 || abs((float) $lon) > 360) {
            throw new ImportException(__('Latitude “:lat”, longitude “:lon” is not a place on the Earth: the file must give degrees as numbers, north and east positive.', [
                'lat' => PlainText::quoted($lat), 'lon' => PlainText::quoted($lon),
            ]));
        }

        return new Coordinates((float) $lat, (float) $lon, is_numeric($height) ? (float) $height : null);
    }
}
