<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\ChebyshevFit;

/**
 * Builds Besselian elements from the places of Sun and Moon (Explanatory Supplement, chapter Eclipses): five
 * Chebyshev nodes over seven hours; the polynomials keep to the nodes' accuracy within 0.001 s of a contact.
 */
final readonly class ElementsBuilder
{
    private const NODES = 5;

    public function __construct(private Ephemeris $ephemeris = new Ephemeris()) {}

    /** @param float $aboutJulianDateTt the new Moon, good to half an hour */
    public function build(float $aboutJulianDateTt, Radii $radii): BesselianElements
    {
        $t0 = round($aboutJulianDateTt * 24) / 24;
        $fit = new ChebyshevFit(self::NODES, BesselianElements::HALF_WIDTH_HOURS);
        $nodes = array_map(fn(float $hours): array => $this->node($t0 + $hours / 24, $radii), $fit->nodes());
        $middle = $nodes[intdiv(self::NODES, 2)];
        // μ turns by a whole day's angle in a day: unwrapped about that, or no polynomial fits it.
        $mu = [];
        foreach ($fit->nodes() as $k => $hours) {
            $turned = ($mu[0] ?? $nodes[$k]['mu']) + ($hours - $fit->nodes()[0]) * Angle::TAU / 24;
            $mu[] = $turned + Angle::signedRad($nodes[$k]['mu'] - $turned);
        }

        return new BesselianElements(
            $t0,
            $fit->polynomial(array_column($nodes, 'x'), 4),
            $fit->polynomial(array_column($nodes, 'y'), 4),
            $fit->polynomial(array_column($nodes, 'd'), 3),
            $fit->polynomial($mu, 2),
            $fit->polynomial(array_column($nodes, 'l1'), 2),
            $fit->polynomial(array_column($nodes, 'l2'), 2),
            $middle['tanF1'],
            $middle['tanF2'],
            $middle['sunDistance'],
            $radii,
        );
    }

    /** @return array{x: float, y: float, d: float, mu: float, l1: float, l2: float, tanF1: float, tanF2: float, sunDistance: float} */
    private function node(float $julianDateTt, Radii $radii): array
    {
        $orientation = EarthOrientation::at($julianDateTt);
        $moon = $this->ephemeris->moonKm($julianDateTt, $orientation)->times(1 / Radii::EARTH_KM);
        $sun = $this->ephemeris->sunKm($julianDateTt, $orientation)->times(1 / Radii::EARTH_KM);
        $axis = $sun->minus($moon);
        $g = $axis->length();
        $a = $axis->longitudeRad();
        $d = $axis->latitudeRad();
        $z = $moon->dot($axis) / $g;
        $f1 = asin(($radii->sunEarthRadii() + $radii->penumbralK) / $g);
        $f2 = asin(($radii->sunEarthRadii() - $radii->umbralK) / $g);

        return [
            'x' => $moon->y * cos($a) - $moon->x * sin($a),
            'y' => $moon->z * cos($d) - ($moon->x * cos($a) + $moon->y * sin($a)) * sin($d),
            'd' => $d,
            'mu' => Angle::positiveRad($orientation->siderealAngleIfUt1WereTtRad - $a),
            'l1' => $z * tan($f1) + $radii->penumbralK / cos($f1),
            'l2' => $z * tan($f2) - $radii->umbralK / cos($f2),
            'tanF1' => tan($f1),
            'tanF2' => tan($f2),
            'sunDistance' => $z + $g,
        ];
    }
}
