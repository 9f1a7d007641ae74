<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

use KeenShadow\Core\Geometry\Ellipsoid;
use KeenShadow\Core\Geometry\PlanPoint;

/**
 * The plane that touches the WGS84 ellipsoid at an event's place: latitude and longitude to metres and back, by way of
 * rectangular geocentric coordinates (any textbook of geodesy, such as Torge, Geodesy). Heights above it are left out:
 * at two kilometres the ground has fallen 0.3 m below the plane, which moves nothing sideways by a millimetre.
 */
final readonly class LocalTangentPlane
{
    private const EQUATOR_M = Ellipsoid::EQUATOR_KM * 1000;
    /** Each step back leaves less than a hundredth of the error of the one before. */
    private const STEPS_BACK = 4;

    private float $sinLat;
    private float $cosLat;
    /** The origin's metres from the axis, and north of the equator's plane. */
    private float $outwardM;
    private float $northM;

    public function __construct(
        public float $latDeg,
        public float $lonDeg,
    ) {
        $this->sinLat = sin(deg2rad($latDeg));
        $this->cosLat = cos(deg2rad($latDeg));
        [$this->outwardM, , $this->northM] = self::geocentric($latDeg, 0.0);
    }

    public function toPlan(Coordinates $place): PlanPoint
    {
        [$outward, $east, $north] = self::geocentric($place->latDeg, $place->lonDeg - $this->lonDeg);

        return new PlanPoint($east, $this->cosLat * ($north - $this->northM) - $this->sinLat * ($outward - $this->outwardM));
    }

    public function toGlobe(PlanPoint $point): Coordinates
    {
        $place = new Coordinates($this->latDeg, $this->lonDeg);
        $metresPerDegree = deg2rad(self::EQUATOR_M);
        for ($i = 0; $i < self::STEPS_BACK; ++$i) {
            $reached = $this->toPlan($place);
            $place = new Coordinates(
                $place->latDeg + ($point->northM - $reached->northM) / $metresPerDegree,
                // At a pole every direction is along a meridian; a centimetre keeps the division whole.
                $place->lonDeg + ($point->eastM - $reached->eastM) / max(0.01, $metresPerDegree * $this->cosLat),
            );
        }

        return new Coordinates($place->latDeg, fmod($place->lonDeg + 540, 360) - 180);
    }

    /** @return array{float, float, float} metres from the axis along the meridian of longitude 0, across it eastward, and north of the equator's plane */
    private static function geocentric(float $latDeg, float $lonDeg): array
    {
        $lat = deg2rad($latDeg);
        $fromAxisM = self::EQUATOR_M * Ellipsoid::fromAxis($lat);

        return [
            $fromAxisM * cos(deg2rad($lonDeg)),
            $fromAxisM * sin(deg2rad($lonDeg)),
            self::EQUATOR_M * Ellipsoid::fromEquatorPlane($lat),
        ];
    }
}
