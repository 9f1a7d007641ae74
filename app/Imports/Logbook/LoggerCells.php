<?php

declare(strict_types=1);

namespace App\Imports\Logbook;

use App\Imports\CsvRow;
use App\Imports\ImportException;
use App\Text\PlainText;
use KeenShadow\Core\Logbook\Quantity;

/** The cells of a logger's table, or what is wrong with them. */
final class LoggerCells
{
    /**
     * @param string|null $clockColumn where the time of day has a column of its own
     *
     * @throws ImportException naming line and column
     */
    public static function seconds(CsvRow $row, string $column, LoggerClock $clock, ?string $clockColumn = null): float
    {
        try {
            return $clock->seconds($clockColumn === null ? $row->text($column) : "{$row->text($column)} {$row->text($clockColumn)}");
        } catch (ImportException $e) {
            throw new ImportException(__('Line :n, column :column: :why', ['n' => $row->line, 'column' => PlainText::quoted($column), 'why' => $e->getMessage()]));
        }
    }

    /** @throws ImportException naming line and column, also when the value is none of that quantity */
    public static function value(CsvRow $row, string $column, Quantity $quantity, float $factor = 1.0, float $shift = 0.0): float
    {
        $value = $row->number($column) * $factor + $shift;
        if ($value < $quantity->least() || $value > $quantity->most()) {
            throw new ImportException(__('Line :n, column :column: :value lies outside :least to :most; what a logger writes where it has no reading is left out of the table.', [
                'n' => $row->line, 'column' => PlainText::quoted($column), 'value' => $value, 'least' => $quantity->least(), 'most' => $quantity->most(),
            ]));
        }

        return $value;
    }

    /**
     * Blank is no reading.
     *
     * @throws ImportException
     */
    public static function valueOrNull(CsvRow $row, string $column, Quantity $quantity, float $factor, float $shift): ?float
    {
        return $row->text($column) === '' ? null : self::value($row, $column, $quantity, $factor, $shift);
    }
}
