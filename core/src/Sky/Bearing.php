<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Vector3;

/** Where somebody sees something in the sky: azimuth from north through east, and altitude, in degrees. */
final readonly class Bearing
{
    public function __construct(public float $azimuthDeg, public float $altitudeDeg) {}

    /** Where the Sun is seen, with refraction. */
    public static function ofSun(LocalView $view): self
    {
        return new self($view->azimuthDeg(), Horizon::apparentAltitudeDeg($view->altitudeDeg()));
    }

    /** How far two directions lie apart in the sky. */
    public function apartDeg(self $other): float
    {
        [$a, $b] = [deg2rad($this->altitudeDeg), deg2rad($other->altitudeDeg)];

        return rad2deg(acos(max(-1.0, min(1.0, sin($a) * sin($b) + cos($a) * cos($b) * cos(deg2rad($this->azimuthDeg - $other->azimuthDeg))))));
    }

    /** How high it is in fists at arm's length, to the half and never less than half a one: a fist is ten degrees wide (common practice, no source). */
    public function fists(): float
    {
        return max(0.5, round($this->altitudeDeg / 5) / 2);
    }

    /**
     * True, without refraction.
     *
     * @param Vector3 $direction unit vector, true equator and equinox of date, as from the Earth's centre
     * @param float $deltaTSeconds TT − UT1
     */
    public static function of(Vector3 $direction, Observer $observer, float $julianDateUt, float $deltaTSeconds): self
    {
        $days = $deltaTSeconds / 86400;
        $sidereal = EarthOrientation::at($julianDateUt + $days)->siderealAngleIfUt1WereTtRad - $days * EarthOrientation::TURNS_PER_DAY * Angle::TAU;
        $hourAngle = $sidereal + $observer->lonRad - $direction->longitudeRad();
        [$sinLat, $cosLat] = [sin($observer->latRad), cos($observer->latRad)];
        [$sinDec, $cosDec] = [$direction->z, hypot($direction->x, $direction->y)];
        $east = -$cosDec * sin($hourAngle);
        $north = $cosLat * $sinDec - $sinLat * $cosDec * cos($hourAngle);
        $up = $sinLat * $sinDec + $cosLat * $cosDec * cos($hourAngle);

        return new self(Angle::positiveDeg(rad2deg(atan2($east, $north))), rad2deg(asin(max(-1.0, min(1.0, $up)))));
    }
}
