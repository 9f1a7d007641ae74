<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

use Closure;

/**
 * Follows a line of equal value over a sphere, step by step: along the line's direction, then back onto it by Newton's
 * method with differences (Allgower & Georg, Numerical Continuation Methods, 1990). Directions are unit vectors; no map
 * projection is in it, so that poles and 180° are places like any other.
 */
final readonly class SphereTracer
{
    /** Of a step, where the line leaves: some metres. */
    private const MEETING = 1 / 16384;
    private const DIFFERENCE_RAD = 1e-4;
    private const CORRECTIONS = 6;
    private const SETTLED_RAD = 2e-6;
    private const MOST_STEPS = 5000;
    /** Nearer to a pole than so many steps the steps get shorter, since longitudes run away there. */
    private const STEPS_TO_POLE = 6;
    private const LEAST_STEP = 0.05;

    /** @param float $stepRad usual length of a step */
    public function __construct(private float $stepRad) {}

    /**
     * The line through a point on it, onward until something falls below zero.
     *
     * @param Closure(Vector3): float $value zero on the line
     * @param Closure(Vector3): float $while follow while this is not negative
     * @param int $side +1 keeps the larger values to the right
     *
     * @return non-empty-list<Vector3> from the start; the last point lies where both are zero
     */
    public function follow(Closure $value, Closure $while, Vector3 $start, int $side): array
    {
        $line = [$start];
        $at = $start;
        for ($i = 0; $i < self::MOST_STEPS; ++$i) {
            [$gradient] = self::gradient($value, $at);
            $along = $at->cross($gradient)->times($side);
            $step = $this->stepAt($at);
            $next = $this->onto($value, $at->plus($along->times($step / $along->length()))->unit());
            if ($while($next) < 0) {
                $line[] = $this->meeting($value, $while, $at, $next);

                return $line;
            }
            $line[] = $at = $next;
            // Once around and home again.
            if ($i > 2 && $at->minus($start)->length() < 0.7 * $step) {
                return $line;
            }
        }

        return $line;
    }

    /**
     * The nearest point at which a value is zero.
     *
     * @param Closure(Vector3): float $value
     */
    public function onto(Closure $value, Vector3 $at): Vector3
    {
        for ($i = 0; $i < self::CORRECTIONS; ++$i) {
            [$gradient, $here] = self::gradient($value, $at);
            $square = $gradient->dot($gradient);
            $back = $square > 0 ? -$here / $square : 0.0;
            // No farther than a step: a gradient that is nearly nothing would lead far away.
            $length = abs($back) * sqrt($square);
            $at = $at->plus($gradient->times($length > $this->stepRad ? $back * $this->stepRad / $length : $back))->unit();
            // Newton's next step would be some square of this.
            if ($length < self::SETTLED_RAD) {
                break;
            }
        }

        return $at;
    }

    /**
     * Where the line leaves what it is followed through: halved between a point within and one beyond.
     *
     * @param Closure(Vector3): float $value
     * @param Closure(Vector3): float $while
     */
    private function meeting(Closure $value, Closure $while, Vector3 $within, Vector3 $beyond): Vector3
    {
        $at = fn(float $share): Vector3 => $this->onto($value, $within->plus($beyond->minus($within)->times($share))->unit());

        return $at(Bisection::edge(static fn(float $share): bool => $while($at($share)) >= 0, 0.0, 1.0, self::MEETING));
    }

    /**
     * @param Closure(Vector3): float $value
     *
     * @return array{Vector3, float} the gradient per radian, in the tangent plane, and the value
     */
    private static function gradient(Closure $value, Vector3 $at): array
    {
        $first = (abs($at->z) < 0.9 ? new Vector3(0, 0, 1) : new Vector3(1, 0, 0))->cross($at)->unit();
        $second = $at->cross($first);
        $here = $value($at);
        $d = self::DIFFERENCE_RAD;

        return [
            $first->times(($value($at->plus($first->times($d))->unit()) - $here) / $d)
                ->plus($second->times(($value($at->plus($second->times($d))->unit()) - $here) / $d)),
            $here,
        ];
    }

    private function stepAt(Vector3 $at): float
    {
        $toPole = hypot($at->x, $at->y);

        return $this->stepRad * max(self::LEAST_STEP, min(1.0, $toPole / (self::STEPS_TO_POLE * $this->stepRad)));
    }
}
