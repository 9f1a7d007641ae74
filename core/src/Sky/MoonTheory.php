<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Geometry\Rotation;
use KeenShadow\Core\Geometry\Vector3;

/**
 * The Moon by ELP/MPP02 (Chapront & Francou, Astron. Astrophys. 404 (2003) 735), constants fitted to DE405.
 *
 * Terms below 0.0003″ are left out (core/data/make-series.mjs). Centre of mass; no libration, no limb.
 *
 * @phpstan-import-type Terms from PeriodicSeries
 */
final readonly class MoonTheory
{
    private PeriodicSeries $longitude;
    private PeriodicSeries $latitude;
    private PeriodicSeries $distance;
    private Polynomial $meanLongitude;
    private Polynomial $p;
    private Polynomial $q;
    private Rotation $eclipticToIcrs;

    public function __construct()
    {
        $data = self::coefficients();
        $this->longitude = new PeriodicSeries($data['L']);
        $this->latitude = new PeriodicSeries($data['B']);
        $this->distance = new PeriodicSeries($data['R']);
        $this->meanLongitude = new Polynomial($data['W1']);
        // Laskar, Astron. Astrophys. 157 (1986) 59: the ecliptic of date in the inertial ecliptic of J2000.
        $this->p = new Polynomial([0.0, 0.10180391e-4, 0.47020439e-6, -0.5417367e-9, -0.2507948e-11, 0.463486e-14]);
        $this->q = new Polynomial([0.0, -0.113469002e-3, 0.12372674e-6, 0.12654170e-8, -0.1371808e-11, -0.320334e-14]);
        // Chapront & Francou 2003: inertial ecliptic of J2000 (DE405) to the axes of the ICRS.
        $this->eclipticToIcrs = Rotation::aboutX(-84381.40928 * Angle::ARCSEC)->then(Rotation::aboutZ(0.05028 * Angle::ARCSEC));
    }

    /** @return array{W1: list<float>, L: list<Terms>, B: list<Terms>, R: list<Terms>} read once a process */
    private static function coefficients(): array
    {
        /** @var array{W1: list<float>, L: list<Terms>, B: list<Terms>, R: list<Terms>}|null $data */
        static $data = null;
        if ($data === null) {
            /** @var array{W1: list<float>, L: list<Terms>, B: list<Terms>, R: list<Terms>} $data */
            $data = require __DIR__ . '/../../data/moon-elp-mpp02.php';
        }

        return $data;
    }

    /**
     * Geocentric place in km on the axes of the ICRS, geometric.
     *
     * @param float $t TT in Julian centuries since J2000, −1 … +2
     */
    public function geocentricKm(float $t): Vector3
    {
        return $this->place($t, $this->longitude->at($t), $this->latitude->at($t), $this->distance->at($t));
    }

    /**
     * The same places at a few moments close to T.
     *
     * @param list<float> $offsets Julian centuries to add to T, four hours at most
     *
     * @return list<Vector3>
     */
    public function geocentricKmNear(float $t, array $offsets): array
    {
        return array_map(
            fn(float $offset, float $l, float $b, float $r): Vector3 => $this->place($t + $offset, $l, $b, $r),
            $offsets,
            $this->longitude->near($t, $offsets),
            $this->latitude->near($t, $offsets),
            $this->distance->near($t, $offsets),
        );
    }

    /** Distance good to some 100 km, for the light-time. */
    public function roughDistanceKm(float $t): float
    {
        return $this->distance->roughly($t);
    }

    private function place(float $t, float $longitudeArcsec, float $latitudeArcsec, float $distanceKm): Vector3
    {
        $longitude = $this->meanLongitude->at($t) + $longitudeArcsec * Angle::ARCSEC;
        $ofDate = Vector3::fromSpherical($distanceKm, $longitude, $latitudeArcsec * Angle::ARCSEC);

        return $this->eclipticToIcrs->apply($this->inertial($ofDate, $t));
    }

    private function inertial(Vector3 $v, float $t): Vector3
    {
        $p = $this->p->at($t);
        $q = $this->q->at($t);
        $s = 2 * sqrt(1 - $p * $p - $q * $q);

        return new Vector3(
            (1 - 2 * $p * $p) * $v->x + 2 * $p * $q * $v->y + $p * $s * $v->z,
            2 * $p * $q * $v->x + (1 - 2 * $q * $q) * $v->y - $q * $s * $v->z,
            -$p * $s * $v->x + $q * $s * $v->y + (1 - 2 * $p * $p - 2 * $q * $q) * $v->z,
        );
    }
}
