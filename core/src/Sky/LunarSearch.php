<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Geometry\PlanePath;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/**
 * Finds the lunar eclipses of a time span and their contacts.
 *
 * The shadow's edge is soft: contacts seen differ by a minute or so.
 */
final readonly class LunarSearch
{
    private const CONTACT_HOURS = 4e-12;
    private const MOON = Radii::PENUMBRAL_K;

    public function __construct(private LunarElementsBuilder $builder = new LunarElementsBuilder()) {}

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
        $elements = $this->builder->build($fullMoon->julianDateTt);
        $greatest = (new PlanePath($elements->x, $elements->y))->nearestToOrigin();
        $x = $elements->x->at($greatest);
        $y = $elements->y->at($greatest);
        $distance = hypot($x, $y);
        if ($distance >= $elements->penumbra->at($greatest) + self::MOON) {
            return null;
        }
        $umbra = $elements->umbra->at($greatest);
        $kind = match (true) {
            $distance < $umbra - self::MOON => LunarKind::Total,
            $distance < $umbra + self::MOON => LunarKind::Partial,
            default => LunarKind::Penumbral,
        };
        return new LunarEclipse(
            t0JulianDateTt: $elements->t0JulianDateTt,
            muRad: $elements->muRad,
            dRad: $elements->dRad,
            kind: $kind,
            gamma: ($y < 0 ? -1 : 1) * $distance,
            magnitude: ($umbra + self::MOON - $distance) / (2 * self::MOON),
            deltaT: DeltaT::atJulianDate($elements->t0JulianDateTt + $greatest / 24),
            hours: self::hours($elements, $kind, $greatest),
        );
    }

    /** @return array<string, float> since t₀ by LunarContactName value, in order of time */
    private static function hours(LunarElements $elements, LunarKind $kind, float $greatest): array
    {
        $hours = [LunarContactName::P1->value => self::contact($elements, $elements->penumbra, self::MOON, $greatest, -1)];
        if ($kind !== LunarKind::Penumbral) {
            $hours[LunarContactName::U1->value] = self::contact($elements, $elements->umbra, self::MOON, $greatest, -1);
        }
        if ($kind === LunarKind::Total) {
            $hours[LunarContactName::U2->value] = self::contact($elements, $elements->umbra, -self::MOON, $greatest, -1);
        }
        $hours[LunarContactName::Maximum->value] = $greatest;
        if ($kind === LunarKind::Total) {
            $hours[LunarContactName::U3->value] = self::contact($elements, $elements->umbra, -self::MOON, $greatest, 1);
        }
        if ($kind !== LunarKind::Penumbral) {
            $hours[LunarContactName::U4->value] = self::contact($elements, $elements->umbra, self::MOON, $greatest, 1);
        }
        $hours[LunarContactName::P4->value] = self::contact($elements, $elements->penumbra, self::MOON, $greatest, 1);

        return $hours;
    }

    /** When the centre is as far from the axis as a shadow's radius plus the Moon's (negative for inner contacts). */
    private static function contact(LunarElements $elements, Polynomial $radius, float $moon, float $greatest, int $side): float
    {
        $isInside = static fn(float $hours): bool => hypot($elements->x->at($hours), $elements->y->at($hours)) < $radius->at($hours) + $moon;

        return Bisection::edge($isInside, $greatest, $greatest + $side * BesselianElements::HALF_WIDTH_HOURS, self::CONTACT_HOURS);
    }
}
