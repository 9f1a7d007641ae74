<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Contours;

/**
 * An eclipse over the whole Earth on a grid: lines of equal greatest magnitude, the penumbra's limits, and where the
 * maximum falls on sunrise or sunset. Drawn between grid points 2° apart; good to some tenths of a degree.
 */
final readonly class MagnitudeMap
{
    private const STEP_DEG = 2;

    /**
     * @param list<float> $lons
     * @param list<float> $lats
     * @param list<list<float>> $magnitudes signed, by latitude and longitude
     * @param list<list<float>> $altitudes of the Sun at the maximum, above the rising and setting altitude
     */
    private function __construct(
        private array $lons,
        private array $lats,
        private array $magnitudes,
        private array $altitudes,
    ) {}

    public static function of(SolarEclipse $eclipse): self
    {
        $solver = new LocalSolver($eclipse->elements);
        $lons = array_map(floatval(...), range(-180, 180, self::STEP_DEG));
        $lats = array_map(floatval(...), range(-90, 90, self::STEP_DEG));
        $magnitudes = $altitudes = [];
        foreach ($lats as $lat) {
            $rowOfMagnitudes = $rowOfAltitudes = [];
            foreach ($lons as $lon) {
                $view = $solver->maximum(Observer::at($lat, $lon), $eclipse->deltaT);
                $rowOfMagnitudes[] = $view->signedMagnitude();
                $rowOfAltitudes[] = $view->altitudeDeg() - Horizon::riseSetAltitudeDeg($view->sunSemidiameterDeg());
            }
            $magnitudes[] = $rowOfMagnitudes;
            $altitudes[] = $rowOfAltitudes;
        }

        return new self($lons, $lats, $magnitudes, $altitudes);
    }

    /**
     * Where the greatest magnitude has a value, with the Sun up; 0 gives the limits of the partial eclipse.
     *
     * @return list<list<array{float, float}>> lines of [longitude, latitude]
     */
    public function lineOf(float $magnitude): array
    {
        return (new Contours($this->lons, $this->lats, $this->magnitudes))
            ->at($magnitude, fn(float $lon, float $lat): bool => $this->near($this->altitudes, $lon, $lat) >= 0);
    }

    /**
     * Where the maximum falls on sunrise or sunset.
     *
     * @return list<list<array{float, float}>> lines of [longitude, latitude]
     */
    public function riseSetLine(): array
    {
        return (new Contours($this->lons, $this->lats, $this->altitudes))
            ->at(0.0, fn(float $lon, float $lat): bool => $this->near($this->magnitudes, $lon, $lat) > 0);
    }

    /** @param list<list<float>> $values */
    private function near(array $values, float $lon, float $lat): float
    {
        return $values[(int) round(($lat + 90) / self::STEP_DEG)][(int) round(($lon + 180) / self::STEP_DEG)];
    }
}
