<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;

/** How exactly a place is told to others: of a street, a town, a region, or not at all. */
enum Rounding: string
{
    /** Three decimals, about 100 m. */
    case Street = 'street';
    /** Two, about 1 km. */
    case Quarter = 'quarter';
    /** One, about 10 km. */
    case Town = 'town';
    /** Whole degrees, about 100 km. */
    case Region = 'region';

    public function decimals(): int
    {
        return match ($this) {
            self::Street => 3,
            self::Quarter => 2,
            self::Town => 1,
            self::Region => 0,
        };
    }

    public function of(float $deg): float
    {
        return round($deg, $this->decimals());
    }

    /** As it is seen from the rounded place at sea level: contacts, altitudes and obscurations of the place itself would tell where that is. */
    public function eclipse(LocalEclipse $here, Ephemeris $ephemeris): LocalEclipse
    {
        return LocalEclipse::seenFrom($here->eclipse, Observer::at($this->of($here->observer->latDeg), $this->of($here->observer->lonDeg)), $here->zone, $ephemeris);
    }
}
