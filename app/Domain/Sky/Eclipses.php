<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Models\Event;
use App\Models\Sky\CatalogueEclipse;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SolarEclipse;

/** The eclipses of 1900–2199 from the catalogue in the database. */
final readonly class Eclipses
{
    /** The Moon is full about this long after or before it is new. */
    private const HALF_MONTH = '18 days';

    public function __construct(public Ephemeris $ephemeris) {}

    /**
     * The solar eclipse that is going on at some moment of a UTC date.
     *
     * @throws SkyException when it is no date, outside the years, or has no eclipse
     */
    public function onDate(string $date): SolarEclipse
    {
        $noon = EclipseSearch::day($date)->setTime(12, 0);
        $near = CatalogueEclipse::query()->where('body', CatalogueEclipse::SUN)
            ->whereBetween('greatest_at', [$noon->modify('-' . EclipseSearch::REACH_SECONDS . ' seconds'), $noon->modify('+' . EclipseSearch::REACH_SECONDS . ' seconds')])
            ->first();

        return $near?->solar() ?? throw SkyException::noEclipseOn($date);
    }

    /** An event's eclipse at the event's place. */
    public function at(Event $event): LocalEclipse
    {
        return LocalEclipse::seenFrom($this->onDate($event->eclipse_date->format('Y-m-d')), $event->observer(), new DateTimeZone($event->timezone), $this->ephemeris);
    }

    /**
     * The solar eclipses to come, in order.
     *
     * @return list<SolarEclipse>
     */
    public function after(DateTimeImmutable $moment, int $years): array
    {
        $moment = $moment->setTimezone(new DateTimeZone('UTC'));

        return array_values(CatalogueEclipse::query()->where('body', CatalogueEclipse::SUN)
            ->whereBetween('greatest_at', [$moment, $moment->modify("+{$years} years")])
            ->orderBy('greatest_at')->get()
            ->map(static fn(CatalogueEclipse $e): SolarEclipse => $e->solar())->all());
    }

    /**
     * The lunar eclipses half a month before and after a solar one, in order.
     *
     * @return list<LunarEclipse>
     */
    public function pairedWith(SolarEclipse $eclipse): array
    {
        $greatest = $eclipse->greatest()->setTimezone(new DateTimeZone('UTC'));

        return array_values(CatalogueEclipse::query()->where('body', CatalogueEclipse::MOON)
            ->whereBetween('greatest_at', [$greatest->modify('-' . self::HALF_MONTH), $greatest->modify('+' . self::HALF_MONTH)])
            ->orderBy('greatest_at')->get()
            ->map(static fn(CatalogueEclipse $e): LunarEclipse => $e->lunar())->all());
    }
}
