<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Sky\SunPosition;

/** Ways in the sky from a point to a vertical circle, along which what bounds the sky reaches up to an edge. */
final class VerticalCircle
{
    private const ZENITH_DEG = 90.0;

    /**
     * The way in degrees from a point to what bounds the sky at one azimuth, or to the free sky above it: square to the
     * vertical circle where its foot lies on it, else to its end.
     */
    public static function wayDeg(float $altitudeRad, float $offsetRad, float $edgeRad, bool $isDown): float
    {
        $foot = abs($offsetRad) < M_PI / 2 ? atan2(sin($altitudeRad), cos($altitudeRad) * cos($offsetRad)) : M_PI / 2;
        $to = $isDown ? min($edgeRad, $foot) : max($edgeRad, $foot);
        $half = sin(($to - $altitudeRad) / 2) ** 2 + cos($altitudeRad) * cos($to) * sin($offsetRad / 2) ** 2;

        return rad2deg(2 * asin(min(1.0, sqrt($half))));
    }

    /** So far to the side a vertical circle still comes that near to the Sun. */
    public static function halfWidthDeg(SunPosition $sun, float $withinDeg): float
    {
        return $sun->altitudeDeg + $withinDeg >= self::ZENITH_DEG
            ? 180.0
            : rad2deg(asin(min(1.0, sin(deg2rad($withinDeg)) / max(1e-9, cos(deg2rad($sun->altitudeDeg))))));
    }
}
