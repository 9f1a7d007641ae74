<?php

declare(strict_types=1);

namespace App\Exports;

use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Time\JulianDate;

/** An eclipse as a whole as the flat record of docs/FORMATS.md. */
final class EclipseRecord
{
    /** @return array<string, string|float|null> */
    public static function ofSolar(SolarEclipse $e): array
    {
        return [
            'date' => $e->date(),
            'type' => $e->kind->value,
            'greatest_tt' => Iso::instant(JulianDate::toDateTime($e->greatestJulianDateTt()), ''),
            'greatest_ut' => Iso::instant($e->greatest()),
            'gamma' => round($e->gamma, 5),
            'magnitude' => round($e->magnitude, 5),
            'lat' => round($e->latDeg, 3),
            'lon' => round($e->lonDeg, 3),
            'duration_s' => self::rounded($e->durationSeconds()),
            'delta_t_s' => round($e->deltaT->seconds, 2),
        ];
    }

    /** @return array<string, string|float|null> */
    public static function ofLunar(LunarEclipse $e): array
    {
        $zenith = $e->zenithPlace();

        return [
            'date' => $e->date(),
            'type' => $e->kind->value,
            'greatest_tt' => Iso::instant(JulianDate::toDateTime($e->greatestJulianDateTt()), ''),
            'greatest_ut' => Iso::instant($e->greatest()),
            'gamma' => round($e->gamma, 5),
            'magnitude' => round($e->magnitude, 5),
            'lat' => round($zenith['latDeg'], 3),
            'lon' => round($zenith['lonDeg'], 3),
            'duration_s' => self::rounded($e->durationSeconds()),
            'delta_t_s' => round($e->deltaT->seconds, 2),
        ];
    }

    private static function rounded(?float $seconds): ?float
    {
        return $seconds === null ? null : round($seconds, 1);
    }
}
