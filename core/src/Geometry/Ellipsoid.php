<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** The WGS 84 ellipsoid (NIMA TR8350.2). Lengths of its meridian in equatorial radii. */
final class Ellipsoid
{
    public const EQUATOR_KM = 6378.137;
    public const FLATTENING = 1 / 298.257223563;
    public const ECCENTRICITY_SQUARED = 2 * self::FLATTENING - self::FLATTENING ** 2;

    /** Distance of a point from the axis: ρ·cos φ′. */
    public static function fromAxis(float $latRad, float $height = 0.0): float
    {
        return (self::normal($latRad) + $height) * cos($latRad);
    }

    /** Distance from the equator's plane, north positive: ρ·sin φ′. */
    public static function fromEquatorPlane(float $latRad, float $height = 0.0): float
    {
        return ((1 - self::ECCENTRICITY_SQUARED) * self::normal($latRad) + $height) * sin($latRad);
    }

    /** Radius of curvature square to the meridian. */
    private static function normal(float $latRad): float
    {
        return 1 / sqrt(1 - self::ECCENTRICITY_SQUARED * sin($latRad) ** 2);
    }
}
