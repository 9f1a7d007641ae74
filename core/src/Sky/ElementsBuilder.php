<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\ChebyshevFit;
use KeenShadow\Core\Geometry\Vector3;

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
        $days = array_map(static fn(float $hours): float => $hours / 24, $fit->nodes());
        $orientations = array_map(static fn(float $d): EarthOrientation => EarthOrientation::at($t0 + $d), $days);
        $places = $this->ephemeris->near($t0, $days, $orientations);
        $nodes = array_map(
            static fn(EarthOrientation $o, Vector3 $sunKm, Vector3 $moonKm): array => self::node($o, $sunKm, $moonKm, $radii),
            $orientations,
            $places['sun'],
            $places['moon'],
        );
        $middle = $nodes[intdiv(self::NODES, 2)];

        return new BesselianElements(
            $t0,
            $fit->polynomial(array_column($nodes, 'x'), 4),
            $fit->polynomial(array_column($nodes, 'y'), 4),
            $fit->polynomial(array_column($nodes, 'd'), 3),
            $fit->polynomial(Angle::unwrappedRad(array_column($nodes, 'mu'), array_map(static fn(float $d): float => $d * Angle::TAU, $days)), 2),
            $fit->polynomial(array_column($nodes, 'l1'), 2),
            $fit->polynomial(array_column($nodes, 'l2'), 2),
            $middle['tanF1'],
            $middle['tanF2'],
            $middle['sunDistance'],
            $radii,
        );
    }

    /** @return array{x: float, y: float, d: float, mu: float, l1: float, l2: float, tanF1: float, tanF2: float, sunDistance: float} */
    private static function node(EarthOrientation $orientation, Vector3 $sunKm, Vector3 $moonKm, Radii $radii): array
    {
        $moon = $moonKm->times(1 / Radii::EARTH_KM);
        $sun = $sunKm->times(1 / Radii::EARTH_KM);
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
            'mu' => $orientation->siderealAngleIfUt1WereTtRad - $a,
            'l1' => $z * tan($f1) + $radii->penumbralK / cos($f1),
            'l2' => $z * tan($f2) - $radii->umbralK / cos($f2),
            'tanF1' => tan($f1),
            'tanF2' => tan($f2),
            'sunDistance' => $z + $g,
        ];
    }
}
