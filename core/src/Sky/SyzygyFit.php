<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\ChebyshevFit;
use KeenShadow\Core\Geometry\Ellipsoid;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Geometry\Vector3;

/**
 * Sun and Moon at five Chebyshev nodes over the seven hours about a new or full Moon, and polynomials of the hours through
 * what is computed there: the common part of solar and lunar elements.
 */
final readonly class SyzygyFit
{
    private const NODES = 5;

    /**
     * @param float $t0JulianDateTt a whole hour of Terrestrial Time
     * @param list<EarthOrientation> $orientations
     * @param list<Vector3> $suns in equatorial radii of the Earth
     * @param list<Vector3> $moons
     */
    private function __construct(
        public float $t0JulianDateTt,
        private ChebyshevFit $fit,
        private array $orientations,
        private array $suns,
        private array $moons,
    ) {}

    /** @param float $aboutJulianDateTt the syzygy, good to half an hour */
    public static function about(float $aboutJulianDateTt, Ephemeris $ephemeris): self
    {
        $t0 = round($aboutJulianDateTt * 24) / 24;
        $fit = new ChebyshevFit(self::NODES, BesselianElements::HALF_WIDTH_HOURS);
        $days = self::days($fit);
        $orientations = array_map(static fn(float $d): EarthOrientation => EarthOrientation::at($t0 + $d), $days);
        $places = $ephemeris->near($t0, $days, $orientations);
        $inRadii = static fn(Vector3 $km): Vector3 => $km->times(1 / Ellipsoid::EQUATOR_KM);

        return new self($t0, $fit, $orientations, array_map($inRadii, $places['sun']), array_map($inRadii, $places['moon']));
    }

    /**
     * @template T
     *
     * @param callable(EarthOrientation, Vector3, Vector3): T $compute from the Earth's orientation, the Sun and the Moon
     *
     * @return list<T> one for each node; the middle one is t₀
     */
    public function atNodes(callable $compute): array
    {
        return array_map($compute, $this->orientations, $this->suns, $this->moons);
    }

    /** @param list<float> $values one for each node */
    public function polynomial(array $values, int $degree): Polynomial
    {
        return $this->fit->polynomial($values, $degree);
    }

    /** @param list<float> $rad hour angles, one for each node, in any turn */
    public function hourAngle(array $rad, int $degree): Polynomial
    {
        return $this->polynomial(Angle::unwrappedRad($rad, array_map(static fn(float $d): float => $d * Angle::TAU, self::days($this->fit))), $degree);
    }

    /** @return list<float> */
    private static function days(ChebyshevFit $fit): array
    {
        return array_map(static fn(float $hours): float => $hours / 24, $fit->nodes());
    }
}
