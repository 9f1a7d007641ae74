<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exports\CircumstancesRecord;
use App\Imports\CsvRow;
use App\Imports\CsvTable;
use App\Imports\ImportException;
use Illuminate\Console\Command;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\TimeException;
use Symfony\Component\Console\Output\OutputInterface;

/** Local circumstances for a table of sites, as JSON Lines; needs no database. See docs/FORMATS.md. */
final class SkyCircumstances extends Command
{
    protected $signature = 'sky:circumstances
        {sites : CSV file with the columns date,lat,lon,height_m and optionally name,delta_t_s; - reads standard input}
        {--k1=0.2725076 : radius of the Moon for the penumbra, in equatorial radii of the Earth}
        {--k2=0.272281 : radius of the Moon for the umbra}
        {--solar-radius-km=695990 : radius of the Sun}';

    protected $description = 'Contacts, magnitude and obscuration of solar eclipses at many sites, as JSON Lines';

    private EclipseSearch $search;

    /** @var array<string, SolarEclipse> by date, since a table mostly asks for one eclipse */
    private array $eclipses = [];

    public function handle(): int
    {
        try {
            $this->search = new EclipseSearch(radii: Radii::of(
                $this->size('k1'),
                $this->size('k2'),
                $this->size('solar-radius-km'),
            ));
            $table = CsvTable::open($this->argument('sites'), ['date', 'lat', 'lon', 'height_m'], ['name', 'delta_t_s']);
        } catch (SkyException|ImportException $e) {
            $this->getOutput()->getErrorStyle()->writeln($e->getMessage());

            return self::INVALID;
        }
        $status = self::SUCCESS;
        foreach ($table->rows() as $row) {
            try {
                $record = $this->record($row);
            } catch (SkyException|TimeException|ImportException $e) {
                $record = ['name' => $row->text('name'), 'date' => $row->text('date'), 'line' => $row->line, 'error' => $e->getMessage()];
                $status = self::FAILURE;
            }
            $this->output->writeln(
                json_encode($record, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                OutputInterface::OUTPUT_RAW,
            );
        }

        return $status;
    }

    /**
     * @return array<string, string|float|bool|null>
     *
     * @throws SkyException|TimeException|ImportException
     */
    private function record(CsvRow $row): array
    {
        $row->check();
        $date = $row->text('date');
        $observer = Observer::at($row->number('lat'), $row->number('lon'), $row->number('height_m'));
        $given = $row->numberOrNull('delta_t_s');
        $eclipse = $this->eclipses[$date] ??= $this->search->onDate($date);
        $deltaT = $given === null ? $eclipse->deltaT : DeltaT::given($given);

        return [
            'name' => $row->text('name') === '' ? null : $row->text('name'),
            'date' => $date,
            'lat' => $observer->latDeg,
            'lon' => $observer->lonDeg,
            'height_m' => $observer->heightM,
            'delta_t_s' => round($deltaT->seconds, 3),
        ] + CircumstancesRecord::of($eclipse->circumstances($observer, $deltaT));
    }

    /** @throws SkyException */
    private function size(string $option): float
    {
        $text = $this->option($option);

        return is_numeric($text) ? (float) $text : throw SkyException::notANumber($option, is_string($text) ? $text : '');
    }
}
