<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use Closure;
use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Time\JulianDate;

/**
 * The central line of totality or annularity over the Earth, with instants, and how wide the path is there: from limit to
 * limit square to the line, at sea level, the horizon left out of account. Eclipses whose axis misses the Earth have no
 * central line; the area from which they are total or annular is CentralArea's, as everybody's is.
 */
final readonly class ShadowPath
{
    private const POINTS = 120;
    /** The way of the shadow is taken between two moments this far before and after. */
    private const BESIDE_HOURS = 0.01;
    private const FIRST_STEP_KM = 40.0;
    private const WIDEST_KM = 6000.0;
    private const LIMIT_KM = 0.0025;

    /** @param list<PathPoint> $points from west to east in time; empty when there is no central line */
    private function __construct(public array $points) {}

    /** @param list<PathPoint> $points as of() found them */
    public static function through(array $points): self
    {
        return new self($points);
    }

    public static function of(SolarEclipse $eclipse): self
    {
        $axis = ShadowAxis::at($eclipse->elements, $eclipse->greatestHours);
        if ($eclipse->kind === EclipseKind::Partial || $axis->outlineDistance() >= 1) {
            return new self([]);
        }
        [$begin, $end] = ShadowAxis::spanOnEarth($eclipse->elements, $eclipse->greatestHours);
        $points = [];
        for ($i = 0; $i <= self::POINTS; ++$i) {
            // The axis runs fastest over the ground at the ends: points are densest there.
            $hours = ($begin + $end) / 2 - ($end - $begin) / 2 * cos(M_PI * $i / self::POINTS);
            $points[] = self::point($eclipse, $hours, $begin, $end);
        }

        return new self($points);
    }

    /**
     * Points of the central line at round minutes.
     *
     * @return list<PathPoint>
     */
    public static function everyMinutes(SolarEclipse $eclipse, int $minutes): array
    {
        if ($eclipse->kind === EclipseKind::Partial || ShadowAxis::at($eclipse->elements, $eclipse->greatestHours)->outlineDistance() >= 1) {
            return [];
        }
        [$begin, $end] = ShadowAxis::spanOnEarth($eclipse->elements, $eclipse->greatestHours);
        $step = 60.0 * $minutes;
        $zeroUnix = ($eclipse->elements->t0JulianDateTt - JulianDate::UNIX_EPOCH) * 86400 - $eclipse->deltaT->seconds;
        $points = [];
        for ($k = (int) ceil(($zeroUnix + $begin * 3600) / $step); $k * $step < $zeroUnix + $end * 3600; ++$k) {
            $points[] = self::point($eclipse, ($k * $step - $zeroUnix) / 3600, $begin, $end);
        }

        return $points;
    }

    /** @return list<array{float, float}> the central line as [longitude, latitude] */
    public function line(): array
    {
        return array_map(static fn(PathPoint $p): array => [$p->lonDeg, $p->latDeg], $this->points);
    }

    /** The point of the central line nearest to a place, null when there is no line. */
    public function nearestTo(Observer $observer): ?PathPoint
    {
        $nearest = null;
        $least = INF;
        foreach ($this->points as $point) {
            $km = Globe::distanceKm($observer->latDeg, $observer->lonDeg, $point->latDeg, $point->lonDeg);
            if ($km < $least) {
                $least = $km;
                $nearest = $point;
            }
        }

        return $nearest;
    }

    private static function point(SolarEclipse $eclipse, float $hours, float $begin, float $end): PathPoint
    {
        $place = static fn(float $h): array => ShadowAxis::at($eclipse->elements, max($begin, min($end, $h)))->surfacePoint($eclipse->deltaT);
        ['latDeg' => $lat, 'lonDeg' => $lon] = $place($hours);
        $before = $place($hours - self::BESIDE_HOURS);
        $after = $place($hours + self::BESIDE_HOURS);
        $bearing = Globe::bearingDeg($before['latDeg'], $before['lonDeg'], $after['latDeg'], $after['lonDeg']);
        $solver = new LocalSolver($eclipse->elements);
        $centre = $solver->circumstances(Observer::at($lat, $lon), $eclipse->deltaT);

        return new PathPoint(
            JulianDate::toDateTime($eclipse->elements->julianDateTt($hours) - $eclipse->deltaT->seconds / 86400),
            $lat,
            $lon,
            $centre->maximum->altitudeDeg(),
            $centre->durationSeconds() ?? 0.0,
            self::toLimitKm($solver, $eclipse, $lat, $lon, $bearing - 90) + self::toLimitKm($solver, $eclipse, $lat, $lon, $bearing + 90),
        );
    }

    /** How far it is from the central line to where the umbra's edge just touches at the maximum. */
    private static function toLimitKm(LocalSolver $solver, SolarEclipse $eclipse, float $lat, float $lon, float $bearing): float
    {
        $isInside = self::insideTest($solver, $eclipse, $lat, $lon, $bearing);
        $inside = 0.0;
        $outside = self::FIRST_STEP_KM;
        while ($isInside($outside) && $outside < self::WIDEST_KM) {
            $inside = $outside;
            $outside *= 2;
        }

        return Bisection::edge($isInside, $inside, $outside, self::LIMIT_KM);
    }

    /**
     * Whether a place so many kilometres away in a direction, at sea level, is inside the umbra at its maximum.
     *
     * @return Closure(float): bool
     */
    private static function insideTest(LocalSolver $solver, SolarEclipse $eclipse, float $lat, float $lon, float $bearing): Closure
    {
        return static function (float $km) use ($solver, $eclipse, $lat, $lon, $bearing): bool {
            [$toLat, $toLon] = Globe::travel($lat, $lon, $bearing, $km);

            return $solver->maximum(Observer::at($toLat, $toLon), $eclipse->deltaT)->depthInUmbra() > 0;
        };
    }
}
