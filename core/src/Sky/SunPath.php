<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Geometry\ChebyshevFit;
use KeenShadow\Core\Geometry\Ellipsoid;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/**
 * The Sun's way over one place for about a day: altitude, azimuth, sunrise and sunset.
 *
 * Three places of the Sun are computed and the rest comes from parabolas through them (within 0.1″ over two days).
 * Altitudes are topocentric and true; sunrise and sunset are of the upper limb with 34′ of refraction and no dip.
 */
final readonly class SunPath
{
    private const NODES = 3;
    private const SCAN_DAYS = 10 / 1440;
    /** 0.1 ms, some steps of a Julian date. */
    private const CROSSING_DAYS = 1e-9;

    private function __construct(
        private Observer $observer,
        private float $middleUt,
        private float $halfWidthDays,
        private Polynomial $hourAngleAtGreenwichRad,
        private Polynomial $declinationRad,
        private float $distanceEarthRadii,
    ) {}

    /** @param DateTimeImmutable $end at most two days after the beginning */
    public static function over(
        DateTimeImmutable $begin,
        DateTimeImmutable $end,
        Observer $observer,
        DeltaT $deltaT,
        Ephemeris $ephemeris = new Ephemeris(),
    ): self {
        $from = JulianDate::fromDateTime($begin);
        $halfWidth = (JulianDate::fromDateTime($end) - $from) / 2;
        $middle = $from + $halfWidth;
        $fit = new ChebyshevFit(self::NODES, $halfWidth);
        $hourAngles = $declinations = $distances = [];
        foreach ($fit->nodes() as $days) {
            $tt = $middle + $days + $deltaT->seconds / 86400;
            $orientation = EarthOrientation::at($tt);
            $sun = $ephemeris->sunKm($tt, $orientation);
            $hourAngles[] = $orientation->siderealAngleIfUt1WereTtRad - $sun->longitudeRad();
            $declinations[] = $sun->latitudeRad();
            $distances[] = $sun->length() / Ellipsoid::EQUATOR_KM;
        }
        $turns = array_map(static fn(float $days): float => $days * Angle::TAU, $fit->nodes());
        $late = $deltaT->seconds * EarthOrientation::TURNS_PER_DAY * Angle::TAU / 86400;

        return new self(
            $observer,
            $middle,
            $halfWidth,
            $fit->polynomial(array_map(static fn(float $h): float => $h - $late, Angle::unwrappedRad($hourAngles, $turns)), 2),
            $fit->polynomial($declinations, 2),
            $distances[intdiv(self::NODES, 2)],
        );
    }

    /** True altitude of the centre, refraction left out. */
    public function altitudeDeg(float $julianDateUt): float
    {
        [$hourAngle, $declination] = $this->place($julianDateUt);
        $lat = $this->observer->latRad;
        $altitude = asin(sin($lat) * sin($declination) + cos($lat) * cos($declination) * cos($hourAngle));

        return rad2deg($altitude - cos($altitude) / $this->distanceEarthRadii);
    }

    /** Azimuth of the centre from north through east, 0 … 360. */
    public function azimuthDeg(float $julianDateUt): float
    {
        [$hourAngle, $declination] = $this->place($julianDateUt);
        $lat = $this->observer->latRad;

        return Angle::positiveDeg(rad2deg(atan2(
            -cos($declination) * sin($hourAngle),
            sin($declination) * cos($lat) - cos($declination) * sin($lat) * cos($hourAngle),
        )));
    }

    public function semidiameterDeg(): float
    {
        return rad2deg(asin(Radii::SUN_KM / Ellipsoid::EQUATOR_KM / $this->distanceEarthRadii));
    }

    /** Whether any of the Sun is above the level horizon. */
    public function isUp(float $julianDateUt): bool
    {
        return $this->aboveHorizon($julianDateUt) > 0;
    }

    /**
     * Sunrises and sunsets of the span in order of time; none in polar day or night.
     *
     * @return list<HorizonCrossing>
     */
    public function crossings(): array
    {
        $found = [];
        $end = $this->middleUt + $this->halfWidthDays;
        $before = $this->middleUt - $this->halfWidthDays;
        while ($before < $end) {
            $after = min($end, $before + self::SCAN_DAYS);
            $rises = $this->aboveHorizon($after) > 0;
            if (($this->aboveHorizon($before) > 0) !== $rises) {
                $moment = $this->crossingBetween($before, $after);
                $found[] = new HorizonCrossing(JulianDate::toDateTime($moment), $rises, $this->azimuthDeg($moment));
            }
            $before = $after;
        }

        return $found;
    }

    private function crossingBetween(float $from, float $to): float
    {
        $isUpAtEnd = $this->isUp($to);

        return Bisection::edge(fn(float $moment): bool => $this->isUp($moment) === $isUpAtEnd, $to, $from, self::CROSSING_DAYS);
    }

    private function aboveHorizon(float $julianDateUt): float
    {
        return $this->altitudeDeg($julianDateUt) - Horizon::riseSetAltitudeDeg($this->semidiameterDeg());
    }

    /** @return array{float, float} local hour angle and declination, radians */
    private function place(float $julianDateUt): array
    {
        $days = $julianDateUt - $this->middleUt;

        return [$this->hourAngleAtGreenwichRad->at($days) + $this->observer->lonRad, $this->declinationRad->at($days)];
    }
}
