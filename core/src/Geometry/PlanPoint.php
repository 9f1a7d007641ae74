<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** A place on the level ground of a site: metres east and north of the event's place. */
final readonly class PlanPoint
{
    public function __construct(
        public float $eastM,
        public float $northM,
    ) {}

    public function distanceM(self $to): float
    {
        return hypot($to->eastM - $this->eastM, $to->northM - $this->northM);
    }

    /** Direction of the other point, from north through east, 0 … 360. */
    public function bearingDeg(self $to): float
    {
        return Angle::positiveDeg(rad2deg(atan2($to->eastM - $this->eastM, $to->northM - $this->northM)));
    }

    public function travel(float $bearingDeg, float $distanceM): self
    {
        $bearing = deg2rad($bearingDeg);

        return new self($this->eastM + $distanceM * sin($bearing), $this->northM + $distanceM * cos($bearing));
    }

    public function middle(self $to): self
    {
        return new self(($this->eastM + $to->eastM) / 2, ($this->northM + $to->northM) / 2);
    }
}
