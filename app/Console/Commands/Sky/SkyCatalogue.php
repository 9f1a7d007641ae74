<?php

declare(strict_types=1);

namespace App\Console\Commands\Sky;

use App\Exports\CsvLine;
use Illuminate\Console\Command;
use KeenShadow\Core\Sky\Catalogue;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\LunarSearch;
use KeenShadow\Core\Sky\SolarEclipse;

/** Makes the two catalogues in core/data anew from the series. Run it after a change that moves a result. */
final class SkyCatalogue extends Command
{
    protected $signature = 'sky:catalogue';

    protected $description = 'Write core/data/solar-eclipses.csv and lunar-eclipses.csv anew from the series';

    public function handle(): int
    {
        [$first, $last] = [EclipseSearch::FIRST_YEAR, EclipseSearch::LAST_YEAR];
        $solar = array_map(static fn(SolarEclipse $e): array => Catalogue::solarRow($e), iterator_to_array((new EclipseSearch())->inYears($first, $last), false));
        $lunar = array_map(static fn(LunarEclipse $e): array => Catalogue::lunarRow($e), iterator_to_array((new LunarSearch())->inYears($first, $last), false));
        if ($solar === [] || $lunar === []) {
            return self::FAILURE;
        }
        $this->writeTable('solar-eclipses.csv', $solar);
        $this->writeTable('lunar-eclipses.csv', $lunar);

        return self::SUCCESS;
    }

    /** @param non-empty-array<array<string, string>> $rows */
    private function writeTable(string $name, array $rows): void
    {
        $lines = array_map(static fn(array $row): string => CsvLine::of(array_values($row)), $rows);
        file_put_contents(base_path("core/data/{$name}"), CsvLine::of(array_keys(reset($rows))) . implode('', $lines));
        $this->info(sprintf('%s: %d eclipses', $name, count($rows)));
    }
}
