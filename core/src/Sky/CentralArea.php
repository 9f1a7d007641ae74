<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use Closure;
use KeenShadow\Core\Geometry\SphereTracer;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Position\Coordinates;

/**
 * The part of the Earth from which an eclipse is total or annular, at sea level, with the Sun's upper limb above a level
 * horizon at the maximum.
 *
 * Its edge is followed over the ground: along the two limits, on which the observer stands just at the umbra's rim, and
 * where they meet sunrise or sunset along the line on which the maximum falls on it. So the two ends are as round as they
 * are, a path with one limit only is closed by the horizon, and an eclipse whose axis misses the Earth has its area like
 * any other. A hybrid's area is cut where the umbra comes to a point.
 */
final readonly class CentralArea
{
    /** 76 km along the limits, 13 km where they come together in a point, 19 km along the rounder ends. */
    private const STEP_RAD = 0.012;
    private const HYBRID_STEP_RAD = 0.002;
    private const CAP_STEP_RAD = 0.003;
    private const SEEK_RAD = 0.006;
    private const SEEK_WAYS = 16;
    private const FARTHEST_RAD = 0.7;

    /**
     * @param list<list<array{float, float}>> $rings edges of the area as [longitude, latitude], not closed; none where an eclipse is partial only
     * @param list<list<array{float, float}>> $limits the limits as lines of [longitude, latitude]: one or two
     */
    private function __construct(
        public array $rings,
        public array $limits,
    ) {}

    /**
     * @param list<list<array{float, float}>> $rings as of() found them
     * @param list<list<array{float, float}>> $limits
     */
    public static function within(array $rings, array $limits): self
    {
        return new self($rings, $limits);
    }

    public static function of(SolarEclipse $eclipse): self
    {
        if ($eclipse->kind === EclipseKind::Partial) {
            return new self([], []);
        }
        $tracer = new SphereTracer($eclipse->kind === EclipseKind::Hybrid ? self::HYBRID_STEP_RAD : self::STEP_RAD);
        $solver = new LocalSolver($eclipse->elements);
        // One point is near the next, and so are their maxima: each search begins where the last one came to.
        $hours = $eclipse->greatestHours;
        $view = static function (Vector3 $p) use ($solver, $eclipse, &$hours): LocalView {
            $observer = Observer::at(rad2deg(asin(max(-1.0, min(1.0, $p->z)))), rad2deg($p->longitudeRad()));
            $view = $solver->maximum($observer, $eclipse->deltaT, $hours);
            $hours = $view->hours;

            return $view;
        };
        // To the left of the shadow's way is positive; with a sign of its own for the umbra both limits run on smoothly
        // through the point at which a hybrid changes its kind.
        $limits = [
            static fn(Vector3 $p): float => ($v = $view($p))->sideways() - $v->umbra,
            static fn(Vector3 $p): float => ($v = $view($p))->sideways() + $v->umbra,
        ];
        $up = static fn(Vector3 $p): float => ($v = $view($p))->altitudeDeg() - Horizon::riseSetAltitudeDeg($v->sunSemidiameterDeg());
        $inside = static fn(Vector3 $p): float => $view($p)->depthInUmbra();

        $place = ShadowAxis::at($eclipse->elements, $eclipse->greatestHours)->surfacePoint($eclipse->deltaT);
        $middle = Vector3::fromSpherical(1.0, deg2rad($place['lonDeg']), deg2rad($place['latDeg']));
        $arcs = [];
        foreach ($limits as $limit) {
            $seed = self::seed($tracer, $limit, $up, $middle);
            if ($seed !== null) {
                $back = $tracer->follow($limit, $up, $seed, -1);
                $arcs[] = [...array_reverse(array_slice($back, 1)), ...$tracer->follow($limit, $up, $seed, 1)];
            }
        }
        $ring = self::joined(new SphereTracer(self::CAP_STEP_RAD), $arcs, $up, $inside);

        return new self(
            array_map(self::onMap(...), $eclipse->kind === EclipseKind::Hybrid ? HybridPieces::of($tracer, $ring, $view) : [$ring]),
            array_map(self::onMap(...), $arcs),
        );
    }

    /** The nearest point of the edge, null when there is no area. */
    public function nearestTo(float $latDeg, float $lonDeg): ?Coordinates
    {
        $from = Vector3::fromSpherical(1.0, deg2rad($lonDeg), deg2rad($latDeg));
        $nearest = null;
        $least = INF;
        foreach ($this->rings as $ring) {
            $points = array_map(static fn(array $p): Vector3 => Vector3::fromSpherical(1.0, deg2rad($p[0]), deg2rad($p[1])), $ring);
            foreach ($points as $i => $a) {
                // Along the chord to the next point, which leaves the great circle by less than 200 m.
                $way = $points[($i + 1) % count($points)]->minus($a);
                $at = $a->plus($way->times($from->minus($a)->shareAlong($way)));
                if ($from->minus($at)->length() < $least) {
                    $least = $from->minus($at)->length();
                    $nearest = new Coordinates(rad2deg($at->latitudeRad()), rad2deg($at->longitudeRad()));
                }
            }
        }

        return $nearest;
    }

    /**
     * @param list<Vector3> $points
     *
     * @return list<array{float, float}>
     */
    private static function onMap(array $points): array
    {
        return array_map(static fn(Vector3 $p): array => [rad2deg($p->longitudeRad()), rad2deg($p->latitudeRad())], $points);
    }

    /**
     * A point of a limit, sought from within the area along great circles all around: on one of them the rim is crossed
     * before the Sun is down, unless all of the limit lies beyond the horizon.
     *
     * @param Closure(Vector3): float $limit
     * @param Closure(Vector3): float $up
     */
    private static function seed(SphereTracer $tracer, Closure $limit, Closure $up, Vector3 $middle): ?Vector3
    {
        $isAbove = $limit($middle) > 0;
        $east = (new Vector3(0, 0, 1))->cross($middle)->unit();
        $north = $middle->cross($east);
        for ($k = 0; $k < self::SEEK_WAYS; ++$k) {
            $turn = 2 * M_PI * $k / self::SEEK_WAYS;
            $way = $east->times(cos($turn))->plus($north->times(sin($turn)));
            for ($arc = self::SEEK_RAD; $arc < self::FARTHEST_RAD; $arc += self::SEEK_RAD) {
                $at = $middle->times(cos($arc))->plus($way->times(sin($arc)));
                if ($up($at) < 0) {
                    break;
                }
                if (($limit($at) > 0) !== $isAbove) {
                    return $tracer->onto($limit, $at);
                }
            }
        }

        return null;
    }

    /**
     * One ring of the limits: from the end of each along the horizon to the nearest end of the next.
     *
     * @param list<list<Vector3>> $arcs
     * @param Closure(Vector3): float $up
     * @param Closure(Vector3): float $inside
     *
     * @return list<Vector3>
     */
    private static function joined(SphereTracer $tracer, array $arcs, Closure $up, Closure $inside): array
    {
        $ring = [];
        $left = $arcs;
        $arc = array_shift($left);
        while ($arc !== null) {
            array_push($ring, ...$arc);
            $end = $arc[count($arc) - 1];
            $cap = self::cap($tracer, $up, $inside, $end);
            array_push($ring, ...array_slice($cap, 1, -1));
            $reached = $cap[count($cap) - 1];
            // The other limit, from whichever end the cap has come to; none when it has come home.
            $arc = array_shift($left);
            if ($arc !== null && $arc[0]->minus($reached)->length() > $arc[count($arc) - 1]->minus($reached)->length()) {
                $arc = array_reverse($arc);
            }
        }

        return $ring;
    }

    /**
     * Along the horizon from a corner through the area to its next corner.
     *
     * @param Closure(Vector3): float $up
     * @param Closure(Vector3): float $inside
     *
     * @return non-empty-list<Vector3>
     */
    private static function cap(SphereTracer $tracer, Closure $up, Closure $inside, Vector3 $corner): array
    {
        // One of the two ways leads out at once.
        $ways = array_map(static fn(int $side): array => $tracer->follow($up, $inside, $corner, $side), [1, -1]);

        return $ways[0][count($ways[0]) - 1]->minus($corner)->length() > $ways[1][count($ways[1]) - 1]->minus($corner)->length() ? $ways[0] : $ways[1];
    }
}
