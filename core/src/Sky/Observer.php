<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Ellipsoid;

/** A place on the Earth: geodetic latitude and longitude (east positive) on WGS84, height above the ellipsoid. */
final readonly class Observer
{
    /** ρ·cos φ′ and ρ·sin φ′: distance from the axis and from the equator's plane, in equatorial radii. */
    public float $rhoCos;
    public float $rhoSin;
    public float $latRad;
    public float $lonRad;

    private function __construct(
        public float $latDeg,
        public float $lonDeg,
        public float $heightM,
    ) {
        $this->latRad = deg2rad($latDeg);
        $this->lonRad = deg2rad($lonDeg);
        $height = $heightM / (Ellipsoid::EQUATOR_KM * 1000);
        $this->rhoCos = Ellipsoid::fromAxis($this->latRad, $height);
        $this->rhoSin = Ellipsoid::fromEquatorPlane($this->latRad, $height);
    }

    /**
     * @param float $latDeg −90 … 90, north positive
     * @param float $lonDeg −180 … 360, east positive
     * @param float $heightM −500 … 10 000
     *
     * @throws SkyException when a number is out of range
     */
    public static function at(float $latDeg, float $lonDeg, float $heightM = 0.0): self
    {
        self::within('lat_deg', $latDeg, -90, 90);
        self::within('lon_deg', $lonDeg, -180, 360);
        self::within('height_m', $heightM, -500, 10000);

        return new self($latDeg, $lonDeg, $heightM);
    }

    private static function within(string $what, float $value, float $least, float $most): void
    {
        if (!is_finite($value) || $value < $least || $value > $most) {
            throw SkyException::outOfRange($what, $value, $least, $most);
        }
    }
}
