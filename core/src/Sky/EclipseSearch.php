<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Time\JulianDate;

/** Finds the solar eclipses of a time span, or the one of a date, and tells their kind. */
final readonly class EclipseSearch
{
    public const FIRST_YEAR = 1900;
    public const LAST_YEAR = 2199;

    /** An eclipse whose greatest moment is this far from a date's noon still touches that date: half a day, and 3.3 h of shadow. */
    public const REACH_SECONDS = 43200 + 11880;

    public function __construct(private ElementsBuilder $builder = new ElementsBuilder()) {}

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
        return SolarEclipse::ofElements($this->builder->build($newMoon->julianDateTt, Radii::cautious()));
    }
}
