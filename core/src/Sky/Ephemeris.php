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

    /** The Moon, in the axes of the orientation, which is that of the same moment. */
    public function moonKm(float $julianDateTt, EarthOrientation $orientation): Vector3
    {
        $t = JulianDate::centuries($julianDateTt);

        return $orientation->icrsToTrueEquator->apply($this->moon->geocentricKm($t - self::delay($this->moon->roughDistanceKm($t))));
    }

    /** The Sun, in the axes of the orientation, which is that of the same moment. */
    public function sunKm(float $julianDateTt, EarthOrientation $orientation): Vector3
    {
        $t = JulianDate::centuries($julianDateTt);

        return $orientation->icrsToTrueEquator->apply($this->sun->geocentricKm($t - self::delay($this->sun->roughDistanceKm($t))));
    }

    /**
     * Sun and Moon at a few moments within four hours of a date.
     *
     * @param list<float> $offsetsDays days to add to the date
     * @param list<EarthOrientation> $orientations those of the moments
     *
     * @return array{sun: list<Vector3>, moon: list<Vector3>} in km
     */
    public function near(float $julianDateTt, array $offsetsDays, array $orientations): array
    {
        $t = JulianDate::centuries($julianDateTt);
        $late = static fn(MoonTheory|SunTheory $body): array => array_map(
            static fn(float $days): float => $days / self::DAYS_PER_CENTURY
                - self::delay($body->roughDistanceKm($t + $days / self::DAYS_PER_CENTURY)),
            $offsetsDays,
        );
        $turn = static fn(EarthOrientation $o, Vector3 $v): Vector3 => $o->icrsToTrueEquator->apply($v);

        return [
            'sun' => array_map($turn, $orientations, $this->sun->geocentricKmNear($t, $late($this->sun))),
            'moon' => array_map($turn, $orientations, $this->moon->geocentricKmNear($t, $late($this->moon))),
        ];
    }

    /** Light-time in Julian centuries. */
    private static function delay(float $distanceKm): float
    {
        return $distanceKm / self::LIGHT_KM_PER_DAY / self::DAYS_PER_CENTURY;
    }
}
