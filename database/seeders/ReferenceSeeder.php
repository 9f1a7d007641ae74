<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Imports\CsvTable;
use App\Models\Sky\CatalogueEclipse;
use Closure;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Sky\Catalogue;
use RuntimeException;

/** Loads the catalogue of eclipses and the gazetteer, each only when its file has changed since. */
final class ReferenceSeeder extends Seeder
{
    private const CHUNK = 20000;

    public function run(): void
    {
        $this->load('solar eclipses', base_path('core/data/solar-eclipses.csv'), fn(string $path) => $this->eclipses(
            CatalogueEclipse::SUN,
            $path,
            static fn(array $row): DateTimeImmutable => Catalogue::solarEclipse($row)->greatest(),
        ));
        $this->load('lunar eclipses', base_path('core/data/lunar-eclipses.csv'), fn(string $path) => $this->eclipses(
            CatalogueEclipse::MOON,
            $path,
            static fn(array $row): DateTimeImmutable => Catalogue::lunarEclipse($row)->greatest(),
        ));
        $this->load('places', database_path('data/places.tsv.gz'), $this->places(...));
        $this->load('regions', database_path('data/regions.tsv.gz'), $this->regions(...));
    }

    /** @param Closure(string): void $fill empties its table and fills it anew */
    private function load(string $name, string $path, Closure $fill): void
    {
        $sum = hash_file('sha256', $path);
        if (DB::table('reference_data')->where('name', $name)->value('sha256') === $sum) {
            return;
        }
        DB::transaction(function () use ($name, $path, $fill, $sum): void {
            $fill($path);
            DB::table('reference_data')->updateOrInsert(['name' => $name], ['sha256' => $sum, 'loaded_at' => now()]);
        });
    }

    /** @param Closure(array<string, string>): DateTimeImmutable $greatest */
    private function eclipses(string $body, string $path, Closure $greatest): void
    {
        $rows = [];
        foreach (CsvTable::open($path, ['date', 'kind'], null)->rows() as $row) {
            $rows[] = [
                'body' => $body,
                'date' => $row->text('date'),
                'kind' => $row->text('kind'),
                'greatest_at' => $greatest($row->cells)->format('Y-m-d H:i:s.vP'),
                'numbers' => json_encode($row->cells, JSON_THROW_ON_ERROR),
            ];
        }
        CatalogueEclipse::query()->where('body', $body)->delete();
        foreach (array_chunk($rows, 200) as $chunk) {
            CatalogueEclipse::query()->insert($chunk);
        }
    }

    private function places(string $path): void
    {
        $places = $names = [];
        foreach ($this->lines($path) as $i => $line) {
            [$name, $region, $country, $lat, $lon, $population, $zone, $others] = explode("\t", $line);
            $places[] = implode("\t", [$i + 1, $name, $region, $country, $lat, $lon, $population, $zone]);
            foreach ([$name, ...($others === '' ? [] : explode('|', $others))] as $called) {
                $names[] = implode("\t", [$i + 1, $called, $population]);
            }
        }
        DB::statement('truncate places, place_names');
        $this->copy('places', 'id, name, region, country, lat, lon, population, timezone', $places);
        $this->copy('place_names', 'place_id, name, population', $names);
    }

    private function regions(string $path): void
    {
        $names = [];
        foreach ($this->lines($path) as $line) {
            [$country, $region, $others] = explode("\t", $line);
            array_push($names, ...array_map(static fn(string $name): string => implode("\t", [$country, $region, $name]), explode('|', $others)));
        }
        DB::statement('truncate region_names');
        $this->copy('region_names', 'country, region, name', $names);
    }

    /** @return list<string> */
    private function lines(string $path): array
    {
        $lines = gzfile($path);
        if ($lines === false) {
            throw new RuntimeException("{$path} cannot be read");
        }

        return array_map(static fn(string $line): string => rtrim($line, "\n"), $lines);
    }

    /** @param list<string> $rows cells parted by tabs */
    private function copy(string $table, string $columns, array $rows): void
    {
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::connection()->getPdo()->pgsqlCopyFromArray($table, $chunk, "\t", '\\\\N', $columns);
        }
        DB::statement("analyze {$table}");
    }
}
