<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Time\JulianDate;

/**
 * Apparent geocentric places of Sun and Moon, true equator and equinox of date, in km, 1900–2199.
 *
 * A body is taken where it was one light-time earlier relative to the Earth of that moment; this is light-time and
 * annual aberration in one (Explanatory Supplement to the Astronomical Almanac, planetary aberration).
 */
final readonly class Ephemeris
{
    private const LIGHT_KM_PER_DAY = 299792.458 * 86400;
    private const DAYS_PER_CENTURY = 36525;

    public function __construct(
        private MoonTheory $moon = new MoonTheory(),
        private SunTheory $sun = new SunTheory(),
    ) {}

    public function moonKm(float $julianDateTt, EarthOrientation $orientation): Vector3
    {
        $t = JulianDate::centuries($julianDateTt);
        $delay = $this->moon->roughDistanceKm($t) / self::LIGHT_KM_PER_DAY / self::DAYS_PER_CENTURY;

        return $orientation->icrsToTrueEquator->apply($this->moon->geocentricKm($t - $delay));
    }

    public function sunKm(float $julianDateTt, EarthOrientation $orientation): Vector3
    {
        $t = JulianDate::centuries($julianDateTt);
        $delay = $this->sun->roughDistanceKm($t) / self::LIGHT_KM_PER_DAY / self::DAYS_PER_CENTURY;

        return $orientation->icrsToTrueEquator->apply($this->sun->geocentricKm($t - $delay));
    }
}
