<?php

declare(strict_types=1);

namespace App\Imports\Eyewear;

use App\Imports\CsvTable;
use App\Imports\ImportException;
use App\Imports\Limits;
use App\Text\Refusals;
use KeenShadow\Core\Eyewear\ScanException;
use KeenShadow\Core\Eyewear\Spectrum\Scan;
use KeenShadow\Core\Eyewear\Spectrum\ScanUnit;

/** A spectrophotometer's scan from a CSV file: a column "nm" and one column of readings, named for what they are. */
final readonly class ScanFile
{
    /** @param array<int, array{float, float}> $readings wavelength in nm and reading, by line */
    private function __construct(
        public ScanUnit $unit,
        public array $readings,
    ) {}

    /** @throws ImportException naming line and column */
    public static function read(string $path): Scan
    {
        $file = self::open($path);

        return self::scan($file->unit, $file->readings);
    }

    /**
     * The readings as they stand in the file, fit to be stored.
     *
     * @throws ImportException naming line and column
     */
    public static function open(string $path): self
    {
        $units = array_column(ScanUnit::cases(), 'value');
        $table = CsvTable::open($path, ['nm'], null, static fn(string $column): string => strtolower($column));
        $given = array_values(array_intersect($units, $table->columns));
        if (count($given) !== 1) {
            throw new ImportException(__('Line 1: beside nm there must be one column of readings, one of :units.', ['units' => implode(', ', $units)]));
        }
        $unit = ScanUnit::from($given[0]);
        $readings = [];
        foreach ($table->rows() as $row) {
            Limits::hold(count($readings) + 1, Limits::ROWS, __('readings'));
            $row->check();
            $readings[$row->line] = [$row->number('nm'), $row->number($unit->value)];
        }
        self::scan($unit, $readings);

        return new self($unit, $readings);
    }

    /**
     * @param array<int, array{float, float}> $readings by line
     *
     * @throws ImportException
     */
    private static function scan(ScanUnit $unit, array $readings): Scan
    {
        try {
            return Scan::of($unit, $readings);
        } catch (ScanException $e) {
            throw new ImportException(Refusals::words($e));
        }
    }
}
