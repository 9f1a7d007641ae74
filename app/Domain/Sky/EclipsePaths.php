<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Domain\Kept;
use App\Models\Sky\Place;
use KeenShadow\Core\Geometry\MapArea;
use KeenShadow\Core\Geometry\MapLines;
use KeenShadow\Core\Sky\CentralArea;
use KeenShadow\Core\Sky\LocalSolver;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\PathPoint;
use KeenShadow\Core\Sky\ShadowPath;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Time\JulianDate;

/** Where an eclipse is total or annular: its path, the area, and the towns inside. Computed once an eclipse and kept. */
final readonly class EclipsePaths
{
    public function __construct(private Kept $kept) {}

    public function path(SolarEclipse $eclipse): ShadowPath
    {
        $rows = $this->kept->by('path', [$eclipse->content()], static fn(): array => array_map(
            static fn(PathPoint $p): array => [JulianDate::fromDateTime($p->time), $p->latDeg, $p->lonDeg, $p->sunAltitudeDeg, $p->durationSeconds, $p->widthKm],
            ShadowPath::of($eclipse)->points,
        ));

        return ShadowPath::through(array_map(static fn(array $row): PathPoint => new PathPoint(JulianDate::toDateTime($row[0]), ...array_slice($row, 1)), $rows));
    }

    public function area(SolarEclipse $eclipse): CentralArea
    {
        $rows = $this->kept->by('area', [$eclipse->content()], static function () use ($eclipse): array {
            $area = CentralArea::of($eclipse);

            return ['rings' => $area->rings, 'limits' => $area->limits];
        });

        return CentralArea::within($rows['rings'], $rows['limits']);
    }

    /** @return list<TownInPath> the largest first */
    public function townsInside(SolarEclipse $eclipse): array
    {
        $rows = $this->kept->by('towns', [$eclipse->content()], fn(): array => $this->findTowns($eclipse));

        return array_map(static fn(array $row): TownInPath => new TownInPath(...$row), $rows);
    }

    /** @return list<array{string, float, float, string}> name, latitude, longitude, zone */
    private function findTowns(SolarEclipse $eclipse): array
    {
        $cells = array_merge([], ...array_map(MapLines::cells(...), array_merge([], ...array_map(MapArea::cut(...), $this->area($eclipse)->rings))));
        $solver = new LocalSolver($eclipse->elements);
        $inside = [];
        Place::query()->whereRaw("(floor(lon) || ',' || floor(lat)) = any(?)", ['{"' . implode('","', array_keys($cells)) . '"}'])
            ->orderByDesc('population')->each(static function (Place $place) use ($solver, $eclipse, &$inside): void {
                $view = $solver->maximum(Observer::at($place->lat, $place->lon), $eclipse->deltaT, $eclipse->greatestHours);
                if ($view->depthInUmbra() > 0 && $view->isSunUp()) {
                    $inside[] = [$place->fullName(), $place->lat, $place->lon, $place->timezone];
                }
            }, 2000);

        return $inside;
    }
}
