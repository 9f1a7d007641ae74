<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use DateTimeImmutable;
use Illuminate\Contracts\Cache\Repository;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SolarEclipse;

/** The eclipses, each computed once: they are kept by date and by the version of the way they are computed. */
final readonly class Eclipses
{
    public function __construct(
        private EclipseSearch $search,
        private Repository $cache,
    ) {}

    /** @throws SkyException when the date has none */
    public function onDate(string $date): SolarEclipse
    {
        return $this->cache->rememberForever(
            'eclipse:' . EclipseSearch::VERSION . ':' . $date,
            fn(): SolarEclipse => $this->search->onDate($date),
        );
    }

    /**
     * Those to come, in order.
     *
     * @return list<SolarEclipse>
     */
    public function after(DateTimeImmutable $moment, int $years): array
    {
        $first = (int) $moment->format('Y');
        $found = [];
        for ($year = $first; $year <= min($first + $years, EclipseSearch::LAST_YEAR); ++$year) {
            foreach ($this->inYear($year) as $eclipse) {
                if ($eclipse->greatest() > $moment) {
                    $found[] = $eclipse;
                }
            }
        }

        return $found;
    }

    /** @return list<SolarEclipse> */
    private function inYear(int $year): array
    {
        return $this->cache->rememberForever(
            'eclipses:' . EclipseSearch::VERSION . ':' . $year,
            fn(): array => iterator_to_array($this->search->inYears($year, $year), false),
        );
    }
}
