<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use App\Text\Iso;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Time\JulianDate;

/** An eclipse as a whole as the flat record of docs/FORMATS.md. */
final class EclipseRecord
{
    /** @return array<string, string|float|null> */
    public static function ofSolar(SolarEclipse $e): array
    {
        return self::of($e, $e->latDeg, $e->lonDeg);
    }

    /** @return array<string, string|float|null> */
    public static function ofLunar(LunarEclipse $e): array
    {
        return self::of($e, ...array_values($e->zenithPlace()));
    }

    /** @return array<string, string|float|null> */
    private static function of(SolarEclipse|LunarEclipse $e, float $lat, float $lon): array
    {
        $duration = $e->durationSeconds();

        return [
            'date' => $e->date(),
            'type' => $e->kind->value,
            'greatest_tt' => Iso::instant(JulianDate::toDateTime($e->greatestJulianDateTt()), ''),
            'greatest_ut' => Iso::instant($e->greatest()),
            'gamma' => round($e->gamma, 5),
            'magnitude' => round($e->magnitude, 5),
            'lat' => round($lat, 3),
            'lon' => round($lon, 3),
            'duration_s' => $duration === null ? null : round($duration, 1),
            'delta_t_s' => round($e->deltaT->seconds, 2),
        ];
    }
}
