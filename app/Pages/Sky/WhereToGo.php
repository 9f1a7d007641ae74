<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Models\Place;
use App\Pages\Words;
use DateTimeZone;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Sky\Compass;
use KeenShadow\Core\Sky\LocalSolver;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\ShadowPath;

/** How far it is to the path of an eclipse, what is gained there, and the towns inside it. */
final readonly class WhereToGo
{
    private const TOWNS = 60;
    /** A path is at most some hundreds of kilometres wide: towns are sought this many degrees around its line. */
    private const REACH_DEG = 4;

    /**
     * @param string $sentence how far, which way, how long
     * @param list<PathTown> $towns largest first
     */
    private function __construct(
        public string $sentence,
        public array $towns,
    ) {}

    public static function of(LocalEclipse $here, Eclipses $eclipses): self
    {
        $path = $eclipses->kept('path', $here->eclipse, static fn(): ShadowPath => ShadowPath::of($here->eclipse));
        if ($path->points === []) {
            return new self(__('This eclipse is total or annular nowhere on a line: there is no path to go to.'), []);
        }
        /** @var list<array{string, float, float, string}> $found name, latitude, longitude, zone */
        $found = $eclipses->kept('towns', $here->eclipse, static fn(): array => self::townsInside($here, $path));

        return new self(
            self::sentence($here, $path),
            array_map(static fn(array $town): PathTown => PathTown::of($town[0], $town[1], $town[2], new DateTimeZone($town[3]), $here), $found),
        );
    }

    private static function sentence(LocalEclipse $here, ShadowPath $path): string
    {
        $kind = __($here->eclipse->kind->value);
        $own = $here->circumstances->durationSeconds();
        $centre = $path->nearestTo($here->observer);
        if ($centre === null) {
            return '';
        }
        $length = Words::duration($centre->durationSeconds);
        [$km, $way] = self::distance($here->observer, $centre->latDeg, $centre->lonDeg);
        if ($own !== null) {
            return __('You are inside the path. On its central line, :km km :way of you, it lasts :length instead of :own.', [
                'km' => Words::about($km), 'way' => $way, 'length' => $length, 'own' => Words::duration($own),
            ]);
        }
        $edge = ShadowPath::entryKm($here->eclipse, $here->observer, $centre);

        return __('The path (:kind) begins :edge km :way of here; its central line is :km km away, and there it lasts :length.', [
            'kind' => $kind, 'edge' => Words::about($edge), 'way' => $way, 'km' => Words::about($km), 'length' => $length,
        ]);
    }

    /** @return array{float, string} kilometres and compass word */
    private static function distance(Observer $from, float $lat, float $lon): array
    {
        return [
            Globe::distanceKm($from->latDeg, $from->lonDeg, $lat, $lon),
            __(Compass::nearest(Globe::bearingDeg($from->latDeg, $from->lonDeg, $lat, $lon))->value),
        ];
    }

    /** @return list<array{string, float, float, string}> */
    private static function townsInside(LocalEclipse $here, ShadowPath $path): array
    {
        $cells = [];
        foreach ($path->points as $point) {
            for ($lat = -self::REACH_DEG; $lat <= self::REACH_DEG; ++$lat) {
                for ($lon = -self::REACH_DEG; $lon <= self::REACH_DEG; ++$lon) {
                    $column = (int) floor($point->lonDeg) + $lon;
                    $cells[((int) floor($point->latDeg) + $lat) . ',' . ($column < -180 ? $column + 360 : ($column > 179 ? $column - 360 : $column))] = true;
                }
            }
        }
        $solver = new LocalSolver($here->eclipse->elements);
        $inside = [];
        Place::query()->whereRaw("(floor(lat) || ',' || floor(lon)) = any(?)", ['{"' . implode('","', array_keys($cells)) . '"}'])
            ->orderByDesc('population')->each(function (Place $place) use ($solver, $here, &$inside): bool {
                $view = $solver->deepest(Observer::at($place->lat, $place->lon), $here->eclipse->deltaT);
                if ($view->depthInUmbra() > 0 && $view->isSunUp()) {
                    $inside[] = [$place->fullName(), $place->lat, $place->lon, $place->timezone];
                }

                return count($inside) < self::TOWNS;
            }, 500);

        return $inside;
    }
}
