<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Sky\Eclipses;
use DateTimeImmutable;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\SolarEclipse;

/** The eclipses to come at an event's place. */
final readonly class NextHere
{
    public const USUAL_YEARS = 50;

    /** @param list<NextRow> $rows in order of time */
    private function __construct(
        public array $rows,
        public int $toYear,
        public ?LocalKind $kind,
        public int $leastPercent,
    ) {}

    /**
     * @param LocalKind|null $kind as seen at the place; null for any
     * @param int $leastPercent of the Sun's area covered at best
     */
    public static function of(LocalEclipse $here, Eclipses $eclipses, DateTimeImmutable $now, int $toYear, ?LocalKind $kind, int $leastPercent): self
    {
        $years = min($toYear, EclipseSearch::LAST_YEAR) - (int) $now->format('Y') + 1;
        $rows = array_map(static fn(SolarEclipse $eclipse): ?NextRow => NextRow::of($eclipse, $here, $eclipses->ephemeris), $eclipses->after($now, $years));

        return new self(
            array_values(array_filter($rows, static fn(?NextRow $row): bool => $row !== null
                && $row->year <= $toYear
                && ($kind === null || $row->kind === $kind)
                && $row->obscuration * 100 >= $leastPercent)),
            $toYear,
            $kind,
            $leastPercent,
        );
    }
}
