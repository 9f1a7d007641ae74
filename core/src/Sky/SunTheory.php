<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Rotation;
use KeenShadow\Core\Geometry\Vector3;

/**
 * The Sun as the opposite of the Earth in VSOP87B (Bretagnon & Francou, Astron. Astrophys. 202 (1988) 309).
 *
 * @phpstan-import-type Terms from PeriodicSeries
 */
final readonly class SunTheory
{
    public const AU_KM = 149597870.7;

    private PeriodicSeries $longitude;
    private PeriodicSeries $latitude;
    private PeriodicSeries $distance;
    private Rotation $eclipticToFk5;

    public function __construct()
    {
        $data = self::coefficients();
        $this->longitude = new PeriodicSeries($data['L']);
        $this->latitude = new PeriodicSeries($data['B']);
        $this->distance = new PeriodicSeries($data['R']);
        // The matrix that the authors give with VSOP87: dynamical ecliptic of J2000 to the equator of FK5.
        $this->eclipticToFk5 = new Rotation(
            new Vector3(1.0, 0.000000440360, -0.000000190919),
            new Vector3(-0.000000479966, 0.917482137087, -0.397776982902),
            new Vector3(0.0, 0.397776982902, 0.917482137087),
        );
    }

    /** @return array{L: list<Terms>, B: list<Terms>, R: list<Terms>} read once a process */
    private static function coefficients(): array
    {
        /** @var array{L: list<Terms>, B: list<Terms>, R: list<Terms>}|null $data */
        static $data = null;
        if ($data === null) {
            /** @var array{L: list<Terms>, B: list<Terms>, R: list<Terms>} $data */
            $data = require __DIR__ . '/../../data/earth-vsop87b.php';
        }

        return $data;
    }

    /**
     * Geocentric place in km on the axes of FK5 (which differ from the ICRS by some 0.02″), geometric.
     *
     * @param float $t TT in Julian centuries since J2000, −1 … +2
     */
    public function geocentricKm(float $t): Vector3
    {
        return $this->place($this->distance->at($t), $this->longitude->at($t), $this->latitude->at($t));
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
            $this->place(...),
            $this->distance->near($t, $offsets),
            $this->longitude->near($t, $offsets),
            $this->latitude->near($t, $offsets),
        );
    }

    /** Distance good to 0.0002 au, for the light-time. */
    public function roughDistanceKm(float $t): float
    {
        return $this->distance->roughly($t) * self::AU_KM;
    }

    private function place(float $distanceAu, float $lonRad, float $latRad): Vector3
    {
        return $this->eclipticToFk5->apply(Vector3::fromSpherical(-$distanceAu * self::AU_KM, $lonRad, $latRad));
    }
}
