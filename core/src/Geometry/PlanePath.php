<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** A point that moves on a plane, almost straight. */
final readonly class PlanePath
{
    private const STEPS = 12;

    public function __construct(
        private Polynomial $x,
        private Polynomial $y,
    ) {}

    /** When it is nearest to the origin: the zero of x·x′ + y·y′, each step taking the motion as straight. */
    public function nearestToOrigin(): float
    {
        $xRate = $this->x->derivative();
        $yRate = $this->y->derivative();
        $t = 0.0;
        for ($i = 0; $i < self::STEPS; ++$i) {
            $dx = $xRate->at($t);
            $dy = $yRate->at($t);
            $t -= ($this->x->at($t) * $dx + $this->y->at($t) * $dy) / ($dx ** 2 + $dy ** 2);
        }

        return $t;
    }
}
