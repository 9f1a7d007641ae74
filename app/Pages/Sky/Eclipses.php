<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Models\CatalogueEclipse;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\File;
use KeenShadow\Core\Sky\Catalogue;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SolarEclipse;

/** The eclipses of 1900–2199 from the catalogue in the database. */
final readonly class Eclipses
{
    /** The Moon is full about this long after or before it is new. */
    private const HALF_MONTH = '18 days';
    private const KEPT_DAYS = 90;

    public function __construct(
        public Ephemeris $ephemeris,
        private Repository $cache,
    ) {}

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
     * What is costly to compute and depends on an eclipse alone, kept by the content of its elements and the version of the code.
     *
     * @template T
     *
     * @param callable(): T $compute
     *
     * @return T
     */
    public function kept(string $what, SolarEclipse $eclipse, callable $compute): mixed
    {
        $elements = hash('sha256', serialize([Catalogue::solarRow($eclipse), $eclipse->deltaT->seconds, $this->version()]));

        return $this->cache->remember("{$what}:{$eclipse->date()}:{$elements}", now()->addDays(self::KEPT_DAYS), $compute(...));
    }

    /** What the code and the gazetteer are at present: what an older code computed is not used. */
    private function version(): string
    {
        return once(static function (): string {
            $files = [];
            foreach ([base_path('core/src/Sky'), base_path('core/src/Geometry'), app_path('Exports'), app_path('Pages/Sky'), database_path('data')] as $folder) {
                foreach (File::files($folder) as $file) {
                    $files[] = $file->getPathname() . $file->getSize() . $file->getMTime();
                }
            }

            return hash('sha256', implode("\n", $files));
        });
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
