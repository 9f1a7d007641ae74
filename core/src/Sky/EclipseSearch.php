<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/** Finds the solar eclipses of a time span, or the one of a date, and tells their kind. */
final readonly class EclipseSearch
{
    /** Raised whenever a change moves a result, so that nothing kept from before is taken for new. */
    public const VERSION = 2;

    public const FIRST_YEAR = 1900;
    public const LAST_YEAR = 2199;

    /** The penumbra leaves the Earth at most this long after greatest eclipse. */
    private const HALF_LENGTH_DAYS = 3.3 / 24;

    private ElementsBuilder $builder;
    private Radii $radii;

    public function __construct(?ElementsBuilder $builder = null, ?Radii $radii = null)
    {
        $this->builder = $builder ?? new ElementsBuilder();
        $this->radii = $radii ?? Radii::cautious();
    }

    /**
     * All eclipses of whole years, in order.
     *
     * @return iterable<SolarEclipse>
     *
     * @throws SkyException outside 1900–2199
     */
    public function inYears(int $first, int $last): iterable
    {
        if ($first < self::FIRST_YEAR || $last > self::LAST_YEAR) {
            throw SkyException::outsideYears(self::FIRST_YEAR, self::LAST_YEAR);
        }

        return $this->from(new DateTimeImmutable($first . '-01-01T00:00Z'), new DateTimeImmutable(($last + 1) . '-01-01T00:00Z'));
    }

    /**
     * All eclipses whose greatest moment lies in a span, in order.
     *
     * @return iterable<SolarEclipse>
     */
    public function from(DateTimeImmutable $begin, DateTimeImmutable $end): iterable
    {
        $lastLunation = NewMoon::lunationNear(JulianDate::fromDateTime($end)) + 1;
        for ($k = NewMoon::lunationNear(JulianDate::fromDateTime($begin)) - 1; $k <= $lastLunation; ++$k) {
            $eclipse = $this->ofLunation($k);
            if ($eclipse !== null && $eclipse->greatest() >= $begin && $eclipse->greatest() < $end) {
                yield $eclipse;
            }
        }
    }

    /**
     * The eclipse that is going on at some moment of a UTC date.
     *
     * @param string $date YYYY-MM-DD
     *
     * @throws SkyException when it is no date, outside the years, or has no eclipse
     */
    public function onDate(string $date): SolarEclipse
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $date, new DateTimeZone('UTC'));
        if ($day === false || $day->format('Y-m-d') !== $date) {
            throw SkyException::notADate($date);
        }
        $year = (int) $day->format('Y');
        if ($year < self::FIRST_YEAR || $year > self::LAST_YEAR) {
            throw SkyException::outsideYears(self::FIRST_YEAR, self::LAST_YEAR);
        }
        $noon = JulianDate::fromDateTime($day) + 0.5;
        $eclipse = $this->ofLunation(NewMoon::lunationNear($noon));
        if ($eclipse === null) {
            throw SkyException::noEclipseOn($date);
        }
        $greatest = JulianDate::fromDateTime($eclipse->greatest());
        if (abs($greatest - $noon) > 0.5 + self::HALF_LENGTH_DAYS) {
            throw SkyException::noEclipseOn($date);
        }

        return $eclipse;
    }

    private function ofLunation(int $k): ?SolarEclipse
    {
        $newMoon = NewMoon::ofLunation($k);
        if (!$newMoon->mayEclipseTheSun()) {
            return null;
        }
        $elements = $this->builder->build($newMoon->julianDateTt, $this->radii);
        $hours = self::greatestHours($elements);
        $axis = ShadowAxis::at($elements, $hours);
        $outside = $axis->distanceOutside();
        if ($outside >= $elements->l1->at($hours)) {
            return null;
        }
        $deltaT = DeltaT::atJulianDate($elements->julianDateTt($hours));
        $place = $axis->surfacePoint($deltaT);
        $penumbra = $elements->l1->at($hours) - $place['zeta'] * $elements->tanF1;
        $umbra = $elements->l2->at($hours) - $place['zeta'] * $elements->tanF2;
        $y = $elements->y->at($hours);

        return new SolarEclipse(
            $elements,
            self::kind($elements, $hours, $outside, $umbra),
            $hours,
            ($y < 0 ? -1 : 1) * hypot($elements->x->at($hours), $y),
            $outside > 0 ? ($penumbra - $outside) / ($penumbra + $umbra) : ($penumbra - $umbra) / ($penumbra + $umbra),
            $place['latDeg'],
            $place['lonDeg'],
            $deltaT,
        );
    }

    /** The zero of x·x′ + y·y′, by Newton's method with the motion taken as straight in each step. */
    private static function greatestHours(BesselianElements $elements): float
    {
        $xRate = $elements->x->derivative();
        $yRate = $elements->y->derivative();
        $hours = 0.0;
        for ($i = 0; $i < 12; ++$i) {
            $dx = $xRate->at($hours);
            $dy = $yRate->at($hours);
            $hours -= ($elements->x->at($hours) * $dx + $elements->y->at($hours) * $dy) / ($dx ** 2 + $dy ** 2);
        }

        return $hours;
    }

    private static function kind(BesselianElements $elements, float $hours, float $outside, float $umbra): EclipseKind
    {
        if ($outside > abs($umbra)) {
            return EclipseKind::Partial;
        }
        if ($outside > 0) {
            return $umbra < 0 ? EclipseKind::Total : EclipseKind::Annular;
        }
        // The cone is longest felt where the Earth bulges towards the Moon: a hybrid is annular at an end of its path.
        $begin = self::umbraWhereAxisMeetsOutline($elements, $hours, -1);
        $end = self::umbraWhereAxisMeetsOutline($elements, $hours, 1);

        return match (true) {
            max($begin, $umbra, $end) < 0 => EclipseKind::Total,
            min($begin, $umbra, $end) >= 0 => EclipseKind::Annular,
            default => EclipseKind::Hybrid,
        };
    }

    /** L2 at the first (side −1) or last (+1) point of the central line, found by halving. */
    private static function umbraWhereAxisMeetsOutline(BesselianElements $elements, float $greatest, int $side): float
    {
        $inside = $greatest;
        $outside = $greatest + $side * BesselianElements::HALF_WIDTH_HOURS;
        for ($i = 0; $i < 30; ++$i) {
            $middle = ($inside + $outside) / 2;
            if (ShadowAxis::at($elements, $middle)->outlineDistance() < 1) {
                $inside = $middle;
            } else {
                $outside = $middle;
            }
        }
        $point = ShadowAxis::at($elements, $inside)->surfacePoint(DeltaT::given(0.0));

        return $elements->l2->at($inside) - $point['zeta'] * $elements->tanF2;
    }
}
