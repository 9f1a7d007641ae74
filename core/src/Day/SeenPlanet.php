<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Planet;
use KeenShadow\Core\Sky\PlanetPlace;

/** A planet that stands in the sky of a totality, bright enough to be found. */
final readonly class SeenPlanet
{
    /** The sky is as dark as half an hour after sunset: brighter ones are found at once, fainter ones not at all (own judgement). */
    private const EASY_MAGNITUDE = -1.5;
    private const FAINTEST_MAGNITUDE = 1.0;
    private const LOWEST_DEG = 3.0;

    /** @param Bearing $bearing with refraction in its altitude */
    private function __construct(public Planet $planet, public Bearing $bearing, public float $magnitude) {}

    /** @return list<self> at the maximum, the brightest first */
    public static function over(LocalEclipse $here): array
    {
        $jd = $here->circumstances->maximum->julianDateUt();
        $deltaT = $here->eclipse->deltaT->seconds;
        $seen = [];
        foreach (Planet::cases() as $planet) {
            $place = PlanetPlace::at($planet, $jd + $deltaT / 86400);
            $true = Bearing::of($place->direction, $here->observer, $jd, $deltaT);
            $bearing = new Bearing($true->azimuthDeg, Horizon::apparentAltitudeDeg($true->altitudeDeg));
            if ($bearing->altitudeDeg >= self::LOWEST_DEG && $place->magnitude <= self::FAINTEST_MAGNITUDE) {
                $seen[] = new self($planet, $bearing, $place->magnitude);
            }
        }
        usort($seen, static fn(self $a, self $b): int => $a->magnitude <=> $b->magnitude);

        return $seen;
    }

    public function isEasy(): bool
    {
        return $this->magnitude <= self::EASY_MAGNITUDE;
    }
}
