<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Models\Sky\Place;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Geometry\Globe;

/** A point of the Earth as it lies to the nearest town of the gazetteer. */
final readonly class NearestTown
{
    private const NEAR_KM = 30.0;
    /** Farther from any town its zone says nothing; there UTC is taken. */
    private const SAME_ZONE_KM = 400.0;

    private function __construct(
        private ?Place $town,
        public float $km,
        private float $bearingDeg,
    ) {}

    public static function of(float $lat, float $lon, ?Place $town): self
    {
        return $town === null
            ? new self(null, INF, 0.0)
            : new self($town, Globe::distanceKm($lat, $lon, $town->lat, $town->lon), Globe::bearingDeg($town->lat, $town->lon, $lat, $lon));
    }

    /** "Near Cadiz, Andalusia, Spain", "110 km south-west of Honolulu, Hawaii, United States". */
    public function words(): string
    {
        return match (true) {
            $this->town === null => __('Far from any town'),
            $this->km <= self::NEAR_KM => __('Near :place', ['place' => $this->town->fullName()]),
            default => __(':km km :way of :place', [
                'km' => Numbers::about($this->km), 'way' => SkyWords::compass($this->bearingDeg), 'place' => $this->town->fullName(),
            ]),
        };
    }

    public function timezone(): string
    {
        return $this->town !== null && $this->km <= self::SAME_ZONE_KM ? $this->town->timezone : 'UTC';
    }

    public function hasZone(): bool
    {
        return $this->town !== null && $this->km <= self::SAME_ZONE_KM;
    }
}
