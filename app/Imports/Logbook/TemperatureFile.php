<?php

declare(strict_types=1);

namespace App\Imports\Logbook;

use App\Imports\CsvTable;
use App\Imports\ImportException;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Series;

/** A log of temperatures from a CSV file with the columns time (UTC, ISO 8601) and temperature_c, and any others. */
final class TemperatureFile
{
    public const TIME = 'time';
    public const TEMPERATURE = 'temperature_c';

    /** @throws ImportException naming line and column */
    public static function read(string $path): Series
    {
        $table = CsvTable::open($path, [self::TIME, self::TEMPERATURE], null, static fn(string $column): string => strtolower($column));
        $clock = LoggerClock::iso();
        [$atS, $values] = [[], []];
        foreach ($table->rows() as $row) {
            $row->check();
            $atS[] = LoggerCells::seconds($row, self::TIME, $clock);
            $values[] = LoggerCells::value($row, self::TEMPERATURE, Quantity::Temperature);
        }
        if ($atS === []) {
            throw new ImportException(__('There are no readings under the header.'));
        }

        return Series::of($atS, $values);
    }
}
