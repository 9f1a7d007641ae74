<?php

declare(strict_types=1);

namespace App\Imports\Site;

use App\Imports\GeoFile;
use App\Imports\GeoKind;
use App\Imports\GeoShape;
use App\Imports\ImportException;
use App\Imports\ImportFaults;
use App\Text\FreeName;
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

/**
 * Outlines, lines and points for a site plan from GeoJSON, GPX or KML. All of the file is taken, or none of it.
 *
 * Our own files say what each thing is (see docs/FORMATS.md). In others an area becomes what the sender chooses, a track
 * that ends where it began is an area, any other line is a wall, a point is a place for viewers; heights are the usual ones.
 */
final readonly class OutlineFile
{
    /** A track whose ends lie nearer together than this goes around an area. */
    private const CLOSED_M = 3.0;

    private function __construct(
        private LocalTangentPlane $plane,
        private ThingKind $areas,
    ) {}

    /**
     * @param ThingKind $areas what an outline is that does not say so itself
     *
     * @return SitePlan the plan with what was found added
     *
     * @throws ImportFaults
     */
    public static function addTo(SitePlan $plan, string $path, LocalTangentPlane $plane, ThingKind $areas): SitePlan
    {
        try {
            $shapes = GeoFile::read($path, SitePlan::MOST_THINGS);
        } catch (ImportException $e) {
            throw ImportFaults::of([$e->getMessage()]);
        }
        if ($shapes === []) {
            throw ImportFaults::of([__('There is no outline, line or point in the file.')]);
        }
        $file = new self($plane, $areas);
        $things = $plan->things;
        $taken = array_column($things, 'name');
        $faults = [];
        foreach ($shapes as $i => $shape) {
            try {
                $thing = $file->thing($shape, $i + 1, $taken);
                $things[] = $thing;
                $taken[] = $thing->name;
            } catch (SiteException|ImportException $e) {
                $faults[] = __('Thing :n: :why', ['n' => $i + 1, 'why' => $e instanceof Refusal ? Refusals::words($e) : $e->getMessage()]);
            }
        }
        if ($faults !== []) {
            throw ImportFaults::of($faults);
        }
        try {
            return SitePlan::of($things, $plan->horizon, $plan->accuracyM);
        } catch (SiteException $e) {
            throw ImportFaults::of([Refusals::words($e)]);
        }
    }

    /**
     * @param list<string> $taken names that others have
     *
     * @throws SiteException|ImportException
     */
    private function thing(GeoShape $shape, int $number, array $taken): Thing
    {
        $points = $shape->points();
        $kind = ThingKind::tryFrom($shape->text('kind')) ?? match ($shape->kind) {
            GeoKind::Area => $this->areas,
            GeoKind::Line => ThingKind::Wall,
            GeoKind::Track => $this->isClosed($points) ? $this->areas : ThingKind::Wall,
            GeoKind::Point => ThingKind::Audience,
        };
        $written = mb_substr($shape->text('name'), 0, Thing::LONGEST_NAME);
        $name = FreeName::of($written === '' ? "{$kind->value} {$number}" : $written, $taken, Thing::LONGEST_NAME);
        $this->checkThatItIsNear($name, $points);

        return Thing::of(
            $kind,
            $name,
            array_map(fn(Coordinates $c): PlanPoint => self::rounded($this->plane->toPlan($c)), $kind->shape() === Shape::Area ? GeoShape::withoutClosing($points) : $points),
            $shape->number('height_m'),
            $shape->number('radius_m') ?? $kind->usualRadiusM() ?? 0.0,
            $shape->number('sill_m'),
        );
    }

    /**
     * @param list<Coordinates> $points
     *
     * @throws ImportException
     */
    private function checkThatItIsNear(string $name, array $points): void
    {
        foreach ($points as $point) {
            $km = Globe::distanceKm($this->plane->latDeg, $this->plane->lonDeg, $point->latDeg, $point->lonDeg);
            if ($km * 1000 > Thing::FARTHEST_M) {
                throw new ImportException(__('“:name” lies :km km from the event\'s place; a plan reaches :most km. Is it another site\'s file, or is the event somewhere else?', [
                    'name' => $name, 'km' => Numbers::about($km), 'most' => Thing::FARTHEST_M / 1000,
                ]));
            }
        }
    }

    /** @param list<Coordinates> $points */
    private function isClosed(array $points): bool
    {
        return count($points) > 3 && $this->plane->toPlan($points[0])->distanceM($this->plane->toPlan($points[count($points) - 1])) < self::CLOSED_M;
    }

    /** To the centimetre. */
    private static function rounded(PlanPoint $point): PlanPoint
    {
        return new PlanPoint(round($point->eastM, 2), round($point->northM, 2));
    }
}
