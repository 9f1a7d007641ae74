<?php

declare(strict_types=1);

namespace App\Text;

/** Angles and places on the Earth. */
final class Angles
{
    /** "37.4°", with a true minus sign. */
    public static function degrees(float $degrees, int $decimals = 1): string
    {
        return Numbers::decimal($degrees, $decimals) . '°';
    }

    /** A direction all around: 359.97 with one decimal is 0.0°, not 360.0°. */
    public static function direction(float $degrees, int $decimals = 1): string
    {
        return self::degrees(fmod(round($degrees, $decimals), 360.0), $decimals);
    }

    /** "36.53° N 6.29° W". */
    public static function coordinates(float $lat, float $lon, int $decimals = 2): string
    {
        return sprintf(
            '%s %s %s %s',
            self::degrees(abs($lat), $decimals),
            $lat < 0 ? __('S') : __('N'),
            self::degrees(abs($lon), $decimals),
            $lon < 0 ? __('W') : __('E'),
        );
    }
}
