<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Vector3;

/**
 * Builds Besselian elements from the places of Sun and Moon (Explanatory Supplement, chapter Eclipses); the polynomials
 * keep to the nodes' accuracy within 0.001 s of a contact.
 */
final readonly class ElementsBuilder
{
    public function __construct(private Ephemeris $ephemeris = new Ephemeris()) {}

    /** @param float $aboutJulianDateTt the new Moon, good to half an hour */
    public function build(float $aboutJulianDateTt, Radii $radii): BesselianElements
    {
        $fit = SyzygyFit::about($aboutJulianDateTt, $this->ephemeris);
        $nodes = $fit->atNodes(static fn(EarthOrientation $o, Vector3 $sun, Vector3 $moon): array => self::node($o, $sun, $moon, $radii));
        $middle = $nodes[intdiv(count($nodes), 2)];
        $degrees = BesselianElements::DEGREES;

        return new BesselianElements(
            t0JulianDateTt: $fit->t0JulianDateTt,
            x: $fit->polynomial(array_column($nodes, 'x'), $degrees['x']),
            y: $fit->polynomial(array_column($nodes, 'y'), $degrees['y']),
            dRad: $fit->polynomial(array_column($nodes, 'd'), $degrees['d']),
            muRad: $fit->hourAngle(array_column($nodes, 'mu'), $degrees['mu']),
            l1: $fit->polynomial(array_column($nodes, 'l1'), $degrees['l1']),
            l2: $fit->polynomial(array_column($nodes, 'l2'), $degrees['l2']),
            tanF1: $middle['tanF1'],
            tanF2: $middle['tanF2'],
            sunDistance: $middle['sunDistance'],
            radii: $radii,
        );
    }

    /** @return array{x: float, y: float, d: float, mu: float, l1: float, l2: float, tanF1: float, tanF2: float, sunDistance: float} */
    private static function node(EarthOrientation $orientation, Vector3 $sun, Vector3 $moon, Radii $radii): array
    {
        $axis = $sun->minus($moon);
        $plane = new FundamentalPlane($axis->unit());
        $z = $plane->height($moon);
        $f1 = asin(($radii->sunEarthRadii() + $radii->penumbralK) / $axis->length());
        $f2 = asin(($radii->sunEarthRadii() - $radii->umbralK) / $axis->length());

        return [
            'x' => $plane->east($moon),
            'y' => $plane->north($moon),
            'd' => $plane->declinationRad,
            'mu' => $orientation->siderealAngleIfUt1WereTtRad - $plane->rightAscensionRad,
            'l1' => $z * tan($f1) + $radii->penumbralK / cos($f1),
            'l2' => $z * tan($f2) - $radii->umbralK / cos($f2),
            'tanF1' => tan($f1),
            'tanF2' => tan($f2),
            'sunDistance' => $z + $axis->length(),
        ];
    }
}
