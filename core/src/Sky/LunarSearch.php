<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\ChebyshevFit;
use KeenShadow\Core\Geometry\PlanePath;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/**
 * Finds the lunar eclipses of a time span and their contacts.
 *
 * The Earth's shadow is enlarged for its atmosphere as Danjon has it, by a hundredth of the Moon's parallax: umbra
 * 1.01·π☾ − s☉ + π☉, penumbra 1.01·π☾ + s☉ + π☉ (Espenak & Meeus, Five Millennium Canon of Lunar Eclipses,
 * NASA/TP-2009-214172, from memory). The shadow's edge is soft: contacts seen differ by a minute or so.
 */
final readonly class LunarSearch
{
    private const NODES = 5;
    private const ENLARGED = 1.01;

    public function __construct(private Ephemeris $ephemeris = new Ephemeris()) {}

    /**
     * All eclipses of whole years, in order.
     *
     * @return iterable<int, LunarEclipse>
     *
     * @throws SkyException outside 1900–2199
     */
    public function inYears(int $first, int $last): iterable
    {
        return $this->from(...EclipseSearch::span($first, $last));
    }

    /**
     * All whose greatest moment lies in a span, in order.
     *
     * @return iterable<int, LunarEclipse>
     */
    public function from(DateTimeImmutable $begin, DateTimeImmutable $end): iterable
    {
        $last = Syzygy::lunationNear(JulianDate::fromDateTime($end)) + 1;
        for ($k = Syzygy::lunationNear(JulianDate::fromDateTime($begin)) - 2; $k <= $last; ++$k) {
            $eclipse = Syzygy::fullMoon($k)->isWithinADayOf($begin, $end) ? $this->ofLunation($k) : null;
            if ($eclipse !== null && $eclipse->greatest() >= $begin && $eclipse->greatest() < $end) {
                yield $eclipse;
            }
        }
    }

    private function ofLunation(int $k): ?LunarEclipse
    {
        $fullMoon = Syzygy::fullMoon($k);
        if (!$fullMoon->mayEclipse()) {
            return null;
        }
        $elements = $this->elements($fullMoon->julianDateTt);
        $greatest = (new PlanePath($elements->x, $elements->y))->nearestToOrigin();
        $x = $elements->x->at($greatest);
        $y = $elements->y->at($greatest);
        $distance = hypot($x, $y);
        $moon = Radii::PENUMBRAL_K;
        if ($distance >= $elements->penumbra->at($greatest) + $moon) {
            return null;
        }
        $umbra = $elements->umbra->at($greatest);
        $kind = match (true) {
            $distance < $umbra - $moon => LunarKind::Total,
            $distance < $umbra + $moon => LunarKind::Partial,
            default => LunarKind::Penumbral,
        };
        $hours = [LunarContactName::P1->value => self::contact($elements, $elements->penumbra, $moon, $greatest, -1)];
        if ($kind !== LunarKind::Penumbral) {
            $hours[LunarContactName::U1->value] = self::contact($elements, $elements->umbra, $moon, $greatest, -1);
        }
        if ($kind === LunarKind::Total) {
            $hours[LunarContactName::U2->value] = self::contact($elements, $elements->umbra, -$moon, $greatest, -1);
        }
        $hours[LunarContactName::Maximum->value] = $greatest;
        if ($kind === LunarKind::Total) {
            $hours[LunarContactName::U3->value] = self::contact($elements, $elements->umbra, -$moon, $greatest, 1);
        }
        if ($kind !== LunarKind::Penumbral) {
            $hours[LunarContactName::U4->value] = self::contact($elements, $elements->umbra, $moon, $greatest, 1);
        }
        $hours[LunarContactName::P4->value] = self::contact($elements, $elements->penumbra, $moon, $greatest, 1);

        return new LunarEclipse(
            $elements->t0JulianDateTt,
            $elements->muRad,
            $elements->dRad,
            $kind,
            ($y < 0 ? -1 : 1) * $distance,
            ($umbra + $moon - $distance) / (2 * $moon),
            DeltaT::atJulianDate($elements->t0JulianDateTt + $greatest / 24),
            $hours,
        );
    }

    private function elements(float $aboutJulianDateTt): LunarElements
    {
        $t0 = round($aboutJulianDateTt * 24) / 24;
        $fit = new ChebyshevFit(self::NODES, BesselianElements::HALF_WIDTH_HOURS);
        $days = array_map(static fn(float $hours): float => $hours / 24, $fit->nodes());
        $orientations = array_map(static fn(float $d): EarthOrientation => EarthOrientation::at($t0 + $d), $days);
        $places = $this->ephemeris->near($t0, $days, $orientations);
        $nodes = array_map(self::node(...), $orientations, $places['sun'], $places['moon']);

        return new LunarElements(
            $t0,
            $fit->polynomial(array_column($nodes, 'x'), 4),
            $fit->polynomial(array_column($nodes, 'y'), 4),
            $fit->polynomial(array_column($nodes, 'penumbra'), 2),
            $fit->polynomial(array_column($nodes, 'umbra'), 2),
            $fit->polynomial(Angle::unwrappedRad(array_column($nodes, 'mu'), array_map(static fn(float $d): float => $d * Angle::TAU, $days)), 3),
            $fit->polynomial(array_column($nodes, 'd'), 3),
        );
    }

    /** @return array{x: float, y: float, penumbra: float, umbra: float, mu: float, d: float} */
    private static function node(EarthOrientation $orientation, Vector3 $sunKm, Vector3 $moonKm): array
    {
        $sun = $sunKm->times(1 / Radii::EARTH_KM);
        $moon = $moonKm->times(1 / Radii::EARTH_KM);
        $axis = $sun->times(-1 / $sun->length());
        $a = $axis->longitudeRad();
        $d = $axis->latitudeRad();
        $z = $moon->dot($axis);
        $parallax = self::ENLARGED * asin(1 / $moon->length()) + asin(1 / $sun->length());
        $semidiameter = asin(Radii::SUN_KM / Radii::EARTH_KM / $sun->length());

        return [
            'x' => $moon->y * cos($a) - $moon->x * sin($a),
            'y' => $moon->z * cos($d) - ($moon->x * cos($a) + $moon->y * sin($a)) * sin($d),
            'penumbra' => $z * tan($parallax + $semidiameter),
            'umbra' => $z * tan($parallax - $semidiameter),
            'mu' => $orientation->siderealAngleIfUt1WereTtRad - $moon->longitudeRad(),
            'd' => $moon->latitudeRad(),
        ];
    }

    /** When the centre is as far from the axis as a shadow's radius plus the Moon's (negative for inner contacts). */
    private static function contact(LunarElements $elements, Polynomial $radius, float $moon, float $greatest, int $side): float
    {
        $inside = $greatest;
        $outside = $greatest + $side * BesselianElements::HALF_WIDTH_HOURS;
        for ($i = 0; $i < 40; ++$i) {
            $middle = ($inside + $outside) / 2;
            if (hypot($elements->x->at($middle), $elements->y->at($middle)) < $radius->at($middle) + $moon) {
                $inside = $middle;
            } else {
                $outside = $middle;
            }
        }

        return $inside;
    }
}
