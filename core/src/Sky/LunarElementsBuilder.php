<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Vector3;

/**
 * Builds the elements of a lunar eclipse from the places of Sun and Moon.
 *
 * The Earth's shadow is enlarged for its atmosphere as Danjon has it, by a hundredth of the Moon's parallax: umbra
 * 1.01·π☾ − s☉ + π☉, penumbra 1.01·π☾ + s☉ + π☉ (Espenak & Meeus, Five Millennium Canon of Lunar Eclipses,
 * NASA/TP-2009-214172, from memory).
 */
final readonly class LunarElementsBuilder
{
    private const ENLARGED = 1.01;

    public function __construct(private Ephemeris $ephemeris = new Ephemeris()) {}

    /** @param float $aboutJulianDateTt the full Moon, good to half an hour */
    public function build(float $aboutJulianDateTt): LunarElements
    {
        $fit = SyzygyFit::about($aboutJulianDateTt, $this->ephemeris);
        $nodes = $fit->atNodes(self::node(...));

        return new LunarElements(
            t0JulianDateTt: $fit->t0JulianDateTt,
            x: $fit->polynomial(array_column($nodes, 'x'), 4),
            y: $fit->polynomial(array_column($nodes, 'y'), 4),
            penumbra: $fit->polynomial(array_column($nodes, 'penumbra'), 2),
            umbra: $fit->polynomial(array_column($nodes, 'umbra'), 2),
            muRad: $fit->hourAngle(array_column($nodes, 'mu'), 3),
            dRad: $fit->polynomial(array_column($nodes, 'd'), 3),
        );
    }

    /** @return array{x: float, y: float, penumbra: float, umbra: float, mu: float, d: float} */
    private static function node(EarthOrientation $orientation, Vector3 $sun, Vector3 $moon): array
    {
        $plane = new FundamentalPlane($sun->times(-1 / $sun->length()));
        $z = $plane->height($moon);
        $parallax = self::ENLARGED * asin(1 / $moon->length()) + asin(1 / $sun->length());
        $semidiameter = asin(Radii::cautious()->sunEarthRadii() / $sun->length());

        return [
            'x' => $plane->east($moon),
            'y' => $plane->north($moon),
            'penumbra' => $z * tan($parallax + $semidiameter),
            'umbra' => $z * tan($parallax - $semidiameter),
            'mu' => $orientation->siderealAngleIfUt1WereTtRad - $moon->longitudeRad(),
            'd' => $moon->latitudeRad(),
        ];
    }
}
