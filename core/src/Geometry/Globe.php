<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** Ways on a sphere of the Earth's mean size: good to half a per cent on the real Earth. Degrees and kilometres. */
final class Globe
{
    public const RADIUS_KM = 6371.0;
    public const KM_PER_DEGREE = self::RADIUS_KM * M_PI / 180;

    /** Great-circle distance (haversine). */
    public static function distanceKm(float $lat1, float $lon1, float $lat2, float $lon2): float
    {
        $a = sin(deg2rad($lat2 - $lat1) / 2) ** 2 + cos(deg2rad($lat1)) * cos(deg2rad($lat2)) * sin(deg2rad($lon2 - $lon1) / 2) ** 2;

        return 2 * self::RADIUS_KM * asin(min(1.0, sqrt($a)));
    }

    /** Direction in which the great circle to the second point begins, from north through east. */
    public static function bearingDeg(float $lat1, float $lon1, float $lat2, float $lon2): float
    {
        $turn = deg2rad($lon2 - $lon1);

        return Angle::positiveDeg(rad2deg(atan2(
            sin($turn) * cos(deg2rad($lat2)),
            cos(deg2rad($lat1)) * sin(deg2rad($lat2)) - sin(deg2rad($lat1)) * cos(deg2rad($lat2)) * cos($turn),
        )));
    }

    /**
     * The point at a distance in a direction.
     *
     * @return array{float, float} latitude, longitude (−180 … 180)
     */
    public static function travel(float $lat, float $lon, float $bearingDeg, float $km): array
    {
        $arc = $km / self::RADIUS_KM;
        $bearing = deg2rad($bearingDeg);
        $sinLat = sin(deg2rad($lat)) * cos($arc) + cos(deg2rad($lat)) * sin($arc) * cos($bearing);
        $turn = atan2(sin($bearing) * sin($arc) * cos(deg2rad($lat)), cos($arc) - sin(deg2rad($lat)) * $sinLat);

        return [rad2deg(asin(max(-1.0, min(1.0, $sinLat)))), rad2deg(Angle::signedRad(deg2rad($lon) + $turn))];
    }
}
