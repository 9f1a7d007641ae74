<?php

declare(strict_types=1);

namespace App\Console\Commands\Sky;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Exports\CsvLine;
use App\Imports\CsvRow;
use App\Imports\CsvTable;
use App\Imports\ImportException;
use App\Imports\Sky\PlaceColumns;
use App\Text\Refusals;
use Illuminate\Console\Command;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Time\TimeException;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that answers a CSV of sites row by row, in order: a row that makes no sense gives a record with its error,
 * the others are still answered, and the exit status is 1. A file or an option that makes no sense gives 2 and no record.
 */
abstract class TableCommand extends Command
{
    use JsonLines;
    use StandardError;

    /** Columns that must be there. */
    protected const NEEDED = ['date', 'lat', 'lon', 'height_m'];

    /** @return list<string> further columns that may be */
    abstract protected function optionalColumns(): array;

    /**
     * Reads the options.
     *
     * @throws SkyException when one makes no sense
     */
    protected function prepare(): void {}

    /**
     * @return array<string, string|float|bool|null>
     *
     * @throws SkyException|TimeException|ImportException
     */
    abstract protected function record(CsvRow $row): array;

    public function handle(): int
    {
        try {
            $this->prepare();
            $table = CsvTable::open($this->argument('sites'), self::NEEDED, $this->optionalColumns(), PlaceColumns::named(...));
        } catch (Refusal|ImportException $e) {
            return $this->refuse(self::words($e));
        }
        $status = self::SUCCESS;
        foreach ($table->rows() as $row) {
            try {
                $row->check();
                $record = $this->record($row);
            } catch (Refusal|ImportException $e) {
                $record = ['name' => $row->text('name'), 'date' => $row->text('date'), 'line' => $row->line, 'error' => self::words($e)];
                $status = self::FAILURE;
            }
            $this->write($record);
        }

        return $status;
    }

    private static function words(Refusal|ImportException $e): string
    {
        return $e instanceof Refusal ? Refusals::words($e) : $e->getMessage();
    }

    /** @param array<string, string|int|float|bool|null> $record */
    protected function write(array $record): void
    {
        $this->writeRecord($record);
    }

    /** @param list<string|int|float|bool|null> $cells */
    protected function writeCsv(array $cells): void
    {
        $this->output->write(CsvLine::of($cells), false, OutputInterface::OUTPUT_RAW);
    }
}
