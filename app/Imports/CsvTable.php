<?php

declare(strict_types=1);

namespace App\Imports;

/**
 * A CSV file (RFC 4180, UTF-8, with or without a byte order mark) whose first line names the columns, read line by line.
 *
 * Spreadsheets of many countries write semicolons or tabs between the cells and commas in the numbers: the separator is
 * the one that stands in the first line.
 */
final readonly class CsvTable
{
    private const BYTE_ORDER_MARK = "\u{FEFF}";

    /**
     * @param resource $stream
     * @param list<string> $columns
     */
    private function __construct(
        private mixed $stream,
        private array $columns,
        private string $separator,
    ) {}

    /**
     * @param string $path a file, or - for standard input
     * @param list<string> $needed columns that must be there
     * @param list<string>|null $allowed further columns that may be, null for any
     *
     * @throws ImportException when the file cannot be read or its header does not fit
     */
    public static function open(string $path, array $needed, ?array $allowed): self
    {
        $stream = $path === '-' ? STDIN : (is_file($path) && is_readable($path) ? fopen($path, 'r') : false);
        if ($stream === false) {
            throw new ImportException("The file \"{$path}\" cannot be read.");
        }
        $first = fgets($stream);
        if ($first === false || trim($first) === '') {
            throw new ImportException('The file is empty; its first line must name the columns ' . implode(',', $needed) . '.');
        }
        $separator = match (true) {
            str_contains($first, ';') => ';',
            str_contains($first, "\t") => "\t",
            default => ',',
        };
        $header = str_getcsv($first, $separator, escape: '');
        $columns = array_map(static fn(?string $cell): string => trim((string) $cell), $header);
        $columns[0] = ltrim($columns[0], self::BYTE_ORDER_MARK);
        $missing = array_diff($needed, $columns);
        $strange = $allowed === null ? [] : array_diff($columns, $needed, $allowed);
        if ($missing !== [] || $strange !== [] || count(array_unique($columns)) !== count($columns)) {
            throw new ImportException('Line 1: the columns must be ' . implode(',', $needed) . ' and may be ' . implode(',', $allowed ?? [])
                . ', each once; found ' . implode(',', $columns) . '.');
        }

        return new self($stream, $columns, $separator);
    }

    /** @return iterable<CsvRow> */
    public function rows(): iterable
    {
        for ($line = 2; ($cells = fgetcsv($this->stream, separator: $this->separator, escape: '')) !== false; ++$line) {
            if ($cells === [null]) {
                continue;
            }
            $texts = array_map(static fn(?string $cell): string => (string) $cell, $cells);
            $byColumn = [];
            foreach ($this->columns as $i => $column) {
                $byColumn[$column] = mb_scrub($texts[$i] ?? '', 'UTF-8');
            }
            yield new CsvRow($line, $byColumn, $this->separator !== ',', count($texts) === count($this->columns)
                ? null
                : sprintf('%d cells where the header has %d.', count($texts), count($this->columns)));
        }
    }
}
