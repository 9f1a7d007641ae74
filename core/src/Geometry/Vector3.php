<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** A vector in space, in whatever length unit its maker says. */
final readonly class Vector3
{
    public function __construct(
        public float $x,
        public float $y,
        public float $z,
    ) {}

    /** The point at a distance, longitude and latitude (radians). */
    public static function fromSpherical(float $distance, float $lonRad, float $latRad): self
    {
        $c = $distance * cos($latRad);

        return new self($c * cos($lonRad), $c * sin($lonRad), $distance * sin($latRad));
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y, $this->z + $other->z);
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    /** The same direction with length 1. */
    public function unit(): self
    {
        return $this->times(1 / $this->length());
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->z * $factor);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    /** How much of a way (0 … 1) leads to its point nearest to this one; both begin at the same place. */
    public function shareAlong(self $way): float
    {
        $square = $way->dot($way);

        return $square > 0 ? max(0.0, min(1.0, $this->dot($way) / $square)) : 0.0;
    }

    public function length(): float
    {
        return sqrt($this->dot($this));
    }

    /** Longitude (or right ascension) in radians, −π … π. */
    public function longitudeRad(): float
    {
        return atan2($this->y, $this->x);
    }

    /** Latitude (or declination) in radians, −π/2 … π/2. */
    public function latitudeRad(): float
    {
        return atan2($this->z, hypot($this->x, $this->y));
    }
}
