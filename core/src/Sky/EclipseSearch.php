<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Geometry\PlanePath;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/** Finds the solar eclipses of a time span, or the one of a date, and tells their kind. */
final readonly class EclipseSearch
{
    public const FIRST_YEAR = 1900;
    public const LAST_YEAR = 2199;

    /** An eclipse whose greatest moment is this far from a date's noon still touches that date: half a day, and 3.3 h of shadow. */
    public const REACH_SECONDS = 43200 + 11880;

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
     * @return iterable<int, SolarEclipse>
     *
     * @throws SkyException outside 1900–2199
     */
    public function inYears(int $first, int $last): iterable
    {
        return $this->from(...self::span($first, $last));
    }

    /**
     * From the beginning of one year to the end of another.
     *
     * @return array{DateTimeImmutable, DateTimeImmutable}
     *
     * @throws SkyException outside 1900–2199
     */
    public static function span(int $first, int $last): array
    {
        if ($first < self::FIRST_YEAR || $last > self::LAST_YEAR || $first > $last) {
            throw SkyException::outsideYears(self::FIRST_YEAR, self::LAST_YEAR);
        }

        return [new DateTimeImmutable($first . '-01-01T00:00Z'), new DateTimeImmutable(($last + 1) . '-01-01T00:00Z')];
    }

    /**
     * All eclipses whose greatest moment lies in a span, in order.
     *
     * @return iterable<int, SolarEclipse>
     */
    public function from(DateTimeImmutable $begin, DateTimeImmutable $end): iterable
    {
        $lastLunation = Syzygy::lunationNear(JulianDate::fromDateTime($end)) + 1;
        for ($k = Syzygy::lunationNear(JulianDate::fromDateTime($begin)) - 1; $k <= $lastLunation; ++$k) {
            $eclipse = Syzygy::newMoon($k)->isWithinADayOf($begin, $end) ? $this->ofLunation($k) : null;
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
        $noon = JulianDate::fromDateTime(self::day($date)) + 0.5;
        $eclipse = $this->ofLunation(Syzygy::lunationNear($noon));
        if ($eclipse === null) {
            throw SkyException::noEclipseOn($date);
        }
        if (abs(JulianDate::fromDateTime($eclipse->greatest()) - $noon) * 86400 > self::REACH_SECONDS) {
            throw SkyException::noEclipseOn($date);
        }

        return $eclipse;
    }

    /**
     * The beginning of a UTC date.
     *
     * @param string $date YYYY-MM-DD
     *
     * @throws SkyException when it is no date or outside the years
     */
    public static function day(string $date): DateTimeImmutable
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $date, new DateTimeZone('UTC'));
        if ($day === false || $day->format('Y-m-d') !== $date) {
            throw SkyException::notADate($date);
        }
        self::span((int) $day->format('Y'), (int) $day->format('Y'));

        return $day;
    }

    private function ofLunation(int $k): ?SolarEclipse
    {
        $newMoon = Syzygy::newMoon($k);
        if (!$newMoon->mayEclipse()) {
            return null;
        }
        $elements = $this->builder->build($newMoon->julianDateTt, $this->radii);
        $hours = (new PlanePath($elements->x, $elements->y))->nearestToOrigin();
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

    private static function kind(BesselianElements $elements, float $hours, float $outside, float $umbra): EclipseKind
    {
        if ($outside > abs($umbra)) {
            return EclipseKind::Partial;
        }
        if ($outside > 0) {
            return $umbra < 0 ? EclipseKind::Total : EclipseKind::Annular;
        }
        // The cone is longest felt where the Earth bulges towards the Moon: a hybrid is annular at an end of its path.
        [$first, $last] = ShadowAxis::spanOnEarth($elements, $hours);
        $begin = self::umbraAt($elements, $first);
        $end = self::umbraAt($elements, $last);

        return match (true) {
            max($begin, $umbra, $end) < 0 => EclipseKind::Total,
            min($begin, $umbra, $end) >= 0 => EclipseKind::Annular,
            default => EclipseKind::Hybrid,
        };
    }

    /** L2 where the axis meets the Earth. */
    private static function umbraAt(BesselianElements $elements, float $hours): float
    {
        $point = ShadowAxis::at($elements, $hours)->surfacePoint(DeltaT::given(0.0));

        return $elements->l2->at($hours) - $point['zeta'] * $elements->tanF2;
    }
}
