<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use Closure;
use KeenShadow\Core\Geometry\SphereTracer;
use KeenShadow\Core\Geometry\Vector3;

/** The area of a hybrid eclipse, parted where it changes from annular to total: there the umbra is a point. */
final class HybridPieces
{
    private const POINT_STEPS = 200;

    /**
     * A hybrid's ring in pieces that are total or annular all over. Where it changes, the two limits meet in a point.
     *
     * @param list<Vector3> $ring
     * @param Closure(Vector3): LocalView $view
     *
     * @return list<list<Vector3>>
     */
    public static function of(SphereTracer $tracer, array $ring, Closure $view): array
    {
        $isTotal = array_map(static fn(Vector3 $p): bool => $view($p)->umbra < 0, $ring);
        $count = count($ring);
        // Runs of the edge of one kind, and the point at which each ends.
        $runs = $points = [];
        $first = null;
        for ($i = 0; $i < $count && $first === null; ++$i) {
            $first = $isTotal[$i] !== $isTotal[($i + $count - 1) % $count] ? $i : null;
        }
        if ($first === null) {
            return [$ring];
        }
        for ($k = 0; $k < $count; ++$k) {
            $i = ($first + $k) % $count;
            $next = ($i + 1) % $count;
            $runs[count($points)][] = $ring[$i];
            if ($isTotal[$i] !== $isTotal[$next]) {
                $points[] = self::pointOfNoUmbra($tracer, $ring[$i]->plus($ring[$next])->unit(), $view);
            }
        }
        $pieces = $used = [];
        foreach (array_keys($runs) as $start) {
            $piece = [];
            for ($k = $start; !isset($used[$k]); $k = (self::partner($k, $points) + 1) % count($points)) {
                $used[$k] = true;
                array_push($piece, ...$runs[$k]);
                $piece[] = $points[$k];
            }
            if (count($piece) > 2) {
                $pieces[] = $piece;
            }
        }

        return $pieces;
    }

    /**
     * The other end at the same point: both limits come to it.
     *
     * @param list<Vector3> $points
     */
    private static function partner(int $k, array $points): int
    {
        $away = array_map(static fn(Vector3 $p): float => $p->minus($points[$k])->length(), $points);
        $away[$k] = INF;

        return (int) array_search(min($away), $away, true);
    }

    /**
     * On the central line, where the umbra is a point.
     *
     * @param Closure(Vector3): LocalView $view
     */
    private static function pointOfNoUmbra(SphereTracer $tracer, Vector3 $at, Closure $view): Vector3
    {
        $sideways = static fn(Vector3 $q): float => $view($q)->sideways();
        $umbra = static fn(Vector3 $q): float => $view($q)->umbra;
        // The two lines may meet at a flat angle: from one to the other until nothing moves.
        for ($k = 0; $k < self::POINT_STEPS; ++$k) {
            $next = $tracer->onto($sideways, $tracer->onto($umbra, $at));
            $moved = $next->minus($at)->length();
            $at = $next;
            if ($moved < 1e-8) {
                break;
            }
        }

        return $at;
    }
}
