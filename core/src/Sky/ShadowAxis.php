<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Geometry\Ellipsoid;
use KeenShadow\Core\Time\DeltaT;

/**
 * Where the shadow's axis meets the Earth at one moment, or the point of the Earth's edge nearest to it
 * (Explanatory Supplement, chapter Eclipses; Meeus, Elements of Solar Eclipses).
 */
final readonly class ShadowAxis
{
    private const E2 = Ellipsoid::ECCENTRICITY_SQUARED;
    /** 10 µs. */
    private const EDGE_HOURS = 4e-9;

    private function __construct(
        private BesselianElements $elements,
        private float $hours,
        private float $x,
        private float $y,
        private float $dRad,
        /** √(1 − e² cos² d): the Earth's outline on the plane is an ellipse with this half axis along y. */
        private float $squeeze,
    ) {}

    public static function at(BesselianElements $elements, float $hours): self
    {
        $d = $elements->dRad->at($hours);

        return new self(
            $elements,
            $hours,
            $elements->x->at($hours),
            $elements->y->at($hours),
            $d,
            sqrt(1 - self::E2 * cos($d) ** 2),
        );
    }

    /**
     * From when to when the axis meets the Earth, for an eclipse whose axis does so at its greatest moment.
     *
     * @return array{float, float} hours since t₀
     */
    public static function spanOnEarth(BesselianElements $elements, float $greatestHours): array
    {
        return [self::edge($elements, $greatestHours, -1), self::edge($elements, $greatestHours, 1)];
    }

    private static function edge(BesselianElements $elements, float $inside, int $side): float
    {
        $isOnEarth = static fn(float $hours): bool => self::at($elements, $hours)->outlineDistance() < 1;

        return Bisection::edge($isOnEarth, $inside, $inside + $side * BesselianElements::HALF_WIDTH_HOURS, self::EDGE_HOURS);
    }

    /** Distance from the Earth's centre with the outline stretched to a unit circle: below 1 the axis meets the Earth. */
    public function outlineDistance(): float
    {
        return hypot($this->x, $this->y / $this->squeeze);
    }

    /** How far the axis passes outside the Earth's outline, in equatorial radii; negative inside. */
    public function distanceOutside(): float
    {
        return hypot($this->x, $this->y) * (1 - 1 / $this->outlineDistance());
    }

    /**
     * Latitude, longitude (degrees) and height above the fundamental plane of the point where the axis meets the
     * surface, or of the outline's nearest point.
     *
     * @return array{latDeg: float, lonDeg: float, zeta: float}
     */
    public function surfacePoint(DeltaT $deltaT): array
    {
        $stretch = max(1.0, $this->outlineDistance());
        $x = $this->x / $stretch;
        $y = $this->y / $this->squeeze / $stretch;
        // The outline's nearest point lies on the plane; the root of a rounding error would move it by some centimetres.
        $z = $stretch > 1.0 ? 0.0 : sqrt(max(0.0, 1 - $x ** 2 - $y ** 2));
        $sinD = sin($this->dRad) / $this->squeeze;
        $cosD = sqrt(1 - self::E2) * cos($this->dRad) / $this->squeeze;
        $other = sqrt(1 - self::E2 * sin($this->dRad) ** 2);
        $sinTurn = self::E2 * sin($this->dRad) * cos($this->dRad) / ($this->squeeze * $other);
        $cosTurn = sqrt(1 - self::E2) / ($this->squeeze * $other);

        $sinParametric = $y * $cosD + $z * $sinD;
        $outward = $z * $cosD - $y * $sinD;
        $theta = atan2($x, $outward);
        $mu = $this->elements->muRad->at($this->hours)
            - $deltaT->seconds * EarthOrientation::TURNS_PER_DAY * Angle::TAU / 86400;

        return [
            'latDeg' => rad2deg(atan2($sinParametric, sqrt(1 - self::E2) * hypot($x, $outward))),
            'lonDeg' => rad2deg(Angle::signedRad($theta - $mu)),
            'zeta' => $other * ($z * $cosTurn - $y * $sinTurn),
        ];
    }
}
