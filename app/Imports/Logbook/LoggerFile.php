<?php

declare(strict_types=1);

namespace App\Imports\Logbook;

use App\Domain\Logbook\Reading;
use App\Imports\CsvTable;
use App\Imports\ImportException;
use App\Imports\ImportFaults;
use App\Imports\Limits;
use App\Text\PlainText;
use KeenShadow\Core\Logbook\DateOrder;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Series;

/** A logger's table: read in full, or refused with the lines that cannot be read. */
final class LoggerFile
{
    public const MOST_READINGS = 1_200_000;
    public const MEGABYTES = 48;
    /** Nobody mends more than these; the rest is not even looked for. */
    private const MOST_FAULTS = 1000;
    /** Lines in which it must show whether day or month comes first. */
    private const LINES_FOR_ORDER = 5000;
    private const YEAR_LAST = '~^(\d{1,2})[-/.](\d{1,2})[-/.](?:\d{4}|\d{2})\b~';

    /**
     * @return array<string, Series> by Quantity, in its unit, by true time
     *
     * @throws ImportFaults by line and column
     */
    public static function read(string $path, Reading $reading): array
    {
        try {
            $columns = LoggerColumns::find($path);
            $clock = new LoggerClock($reading->zone, $reading->order ?? self::order($path, $columns) ?? DateOrder::DayFirst);

            return self::series(self::table($path, $columns), $columns, $clock, $reading->aheadS);
        } catch (ImportException $e) {
            throw ImportFaults::of([$e->getMessage()]);
        }
    }

    /**
     * @param string $packed the file, gzipped
     *
     * @return array<string, Series> as read() has them
     *
     * @throws ImportFaults by line and column
     */
    public static function readStored(string $packed, Reading $reading): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'log');
        try {
            file_put_contents($path, gzdecode($packed));

            return self::read($path, $reading);
        } finally {
            unlink($path);
        }
    }

    /**
     * @return array<string, Series>
     *
     * @throws ImportFaults
     * @throws ImportException when there is nothing to read, or too much
     */
    private static function series(CsvTable $table, LoggerColumns $columns, LoggerClock $clock, int $aheadS): array
    {
        $faults = [];
        $atS = $values = array_fill_keys(array_keys($columns->values), []);
        $count = 0;
        foreach ($table->rows() as $row) {
            try {
                Limits::hold(++$count, self::MOST_READINGS, __('readings'));
                $row->check();
                $at = LoggerCells::seconds($row, $columns->time, $clock, $columns->clock) - $aheadS;
                foreach ($columns->values as $quantity => [$column, $factor, $shift]) {
                    $value = LoggerCells::valueOrNull($row, $column, Quantity::from($quantity), $factor, $shift);
                    if ($value !== null) {
                        $atS[$quantity][] = $at;
                        $values[$quantity][] = $value;
                    }
                }
            } catch (ImportException $e) {
                $faults[] = $e->getMessage();
                if (count($faults) >= self::MOST_FAULTS || $count > self::MOST_READINGS) {
                    break;
                }
            }
        }
        if ($faults !== []) {
            throw ImportFaults::of($faults);
        }
        $series = [];
        foreach ($values as $quantity => $of) {
            if ($of !== []) {
                $series[$quantity] = Series::of($atS[$quantity], $of);
            }
        }

        return $series === [] ? throw new ImportException(__('There are no readings under the header.')) : $series;
    }

    /**
     * Which of day and month comes first, as the first lines show; null where the year does.
     *
     * @throws ImportException where both can be meant
     */
    private static function order(string $path, LoggerColumns $columns): ?DateOrder
    {
        $seen = [];
        foreach (self::table($path, $columns)->rows() as $row) {
            $text = $row->text($columns->time);
            if (preg_match(self::YEAR_LAST, $text, $parts) !== 1) {
                return null;
            }
            if ((int) $parts[1] > 12 || (int) $parts[2] > 12) {
                return (int) $parts[1] > 12 ? DateOrder::DayFirst : DateOrder::MonthFirst;
            }
            if ($parts[1] !== $parts[2]) {
                $seen[] = $text;
            }
            if ($row->line > self::LINES_FOR_ORDER) {
                break;
            }
        }
        if ($seen !== []) {
            throw new ImportException(__('“:date” can be read in two ways: say whether day or month comes first.', ['date' => PlainText::quoted($seen[0])]));
        }

        return DateOrder::DayFirst;
    }

    /** @throws ImportException */
    private static function table(string $path, LoggerColumns $columns): CsvTable
    {
        // Two heads may be the same, or blank: of those only the first can be meant.
        $seen = [];
        $named = static function (string $head) use (&$seen): string {
            $name = LoggerColumns::named($head);
            $seen[$name] = ($seen[$name] ?? 0) + 1;

            return $seen[$name] === 1 ? $name : "{$name} ({$seen[$name]})";
        };

        return CsvTable::open($path, [], null, $named, $columns->linesBefore);
    }
}
