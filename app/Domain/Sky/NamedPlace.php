<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Models\Sky\Place;

/** A place of the gazetteer with how it was found. */
final readonly class NamedPlace
{
    private function __construct(
        public Place $place,
        public NameMatch $likeness,
        private float $weight,
    ) {}

    /** @param float $weight of two as like, the larger comes first */
    public static function of(Place $place, NameMatch $likeness, float $weight): self
    {
        return new self($place, $likeness, $weight);
    }

    public function isBefore(self $other): bool
    {
        $nearer = $this->likeness->compare($other->likeness);

        return $nearer < 0 || ($nearer === 0 && $this->weight > $other->weight);
    }
}
