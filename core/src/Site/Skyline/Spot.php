<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\PlanPoint;

/** One cell of a map of spots. */
final readonly class Spot
{
    /**
     * @param float $clearMinutes of the eclipse with the whole disc clear
     * @param float $weight the same as a fraction of all, each minute counting by the area covered then
     */
    public function __construct(
        public PlanPoint $at,
        public float $clearMinutes,
        public float $weight,
        public bool $keepsMaximum,
    ) {}
}
