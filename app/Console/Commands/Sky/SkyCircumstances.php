<?php

declare(strict_types=1);

namespace App\Console\Commands\Sky;

use App\Exports\Sky\CircumstancesRecord;
use App\Imports\CsvRow;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Time\DeltaT;

/** Local circumstances for a table of sites, as JSON Lines or CSV; needs no database. See docs/FORMATS.md. */
final class SkyCircumstances extends TableCommand
{
    protected $signature = 'sky:circumstances
        {sites : CSV file with the columns date,lat,lon,height_m and optionally name,delta_t_s; - reads standard input}
        {--k1=0.2725076 : radius of the Moon for the penumbra, in equatorial radii of the Earth}
        {--k2=0.272281 : radius of the Moon for the umbra}
        {--solar-radius-km=695990 : radius of the Sun}
        {--format=jsonl : jsonl or csv}';

    protected $description = 'Contacts, magnitude and obscuration of solar eclipses at many sites';

    private EclipseSearch $search;

    private Radii $radii;

    private bool $isCsv = false;

    /** @var array<string, SolarEclipse> by date, with the cautious radii, since a table mostly asks for one eclipse */
    private array $eclipses = [];

    /** @var array<string, SolarEclipse> by date, with the radii that are asked for */
    private array $withRadii = [];

    protected function optionalColumns(): array
    {
        return ['name', 'delta_t_s'];
    }

    protected function prepare(): void
    {
        $this->search = new EclipseSearch();
        $this->radii = Radii::of($this->size('k1'), $this->size('k2'), $this->size('solar-radius-km'));
        $format = $this->option('format');
        if ($format !== 'jsonl' && $format !== 'csv') {
            throw SkyException::notOneOf('format', is_string($format) ? $format : '', ['jsonl', 'csv']);
        }
        $this->isCsv = $format === 'csv';
        if ($this->isCsv) {
            $this->writeCsv([...CircumstancesRecord::KEYS, 'error']);
        }
    }

    protected function record(CsvRow $row): array
    {
        $date = $row->text('date');
        $observer = Observer::at($row->number('lat'), $row->number('lon'), $row->number('height_m'));
        $given = $row->numberOrNull('delta_t_s');
        $cautious = $this->eclipses[$date] ??= $this->search->onDate($date);
        $eclipse = $this->withRadii[$date] ??= $this->isCautious() ? $cautious : $cautious->withRadii($this->radii);
        $name = $row->text('name');
        $deltaT = $given === null ? null : DeltaT::given($given);
        $c = $eclipse->circumstances($observer, $deltaT);

        return CircumstancesRecord::of(
            $name === '' ? null : $name,
            $date,
            $observer,
            $c,
            // Filters go by the cautious Moon, whatever the radii that the times are wanted for.
            Filters::of($cautious, $observer, $eclipse === $cautious ? $c : $cautious->circumstances($observer, $deltaT)),
        );
    }

    private function isCautious(): bool
    {
        return [$this->radii->penumbralK, $this->radii->umbralK, $this->radii->sunKm] === [Radii::PENUMBRAL_K, Radii::UMBRAL_K, Radii::SUN_KM];
    }

    protected function write(array $record): void
    {
        if ($this->isCsv) {
            $this->writeCsv(array_map(static fn(string $key): string|int|float|bool|null => $record[$key] ?? null, [...CircumstancesRecord::KEYS, 'error']));
        } else {
            parent::write($record);
        }
    }

    /** @throws SkyException */
    private function size(string $option): float
    {
        $text = $this->option($option);

        return is_numeric($text) ? (float) $text : throw SkyException::notANumber($option, is_string($text) ? $text : '');
    }
}
