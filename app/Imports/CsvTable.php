<?php

declare(strict_types=1);

namespace App\Imports;

use App\Text\PlainText;

/**
 * A CSV file (RFC 4180) whose first line names the columns, read line by line. Text is UTF-8, with or without a byte order
 * mark; what is no UTF-8 is read as Windows-1252, which spreadsheets in the West still write.
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
        public array $columns,
        private string $separator,
        private int $linesBefore,
    ) {}

    /**
     * @param string $path a file, or - for standard input
     * @param list<string> $needed columns that must be there
     * @param list<string>|null $allowed further columns that may be, null for any
     * @param int $linesBefore lines before the one that names the columns, which are passed over
     * @param callable(string): string|null $named gives a column its name for what stands over it; null takes it as it is
     *
     * @throws ImportException when the file cannot be read or its header does not fit
     */
    public static function open(string $path, array $needed, ?array $allowed, ?callable $named = null, int $linesBefore = 0): self
    {
        $stream = $path === '-' ? STDIN : (is_file($path) && is_readable($path) ? fopen($path, 'r') : false);
        if ($stream === false) {
            throw new ImportException(__('The file ":path" cannot be read.', ['path' => $path]));
        }
        for ($line = 0; $line < $linesBefore; ++$line) {
            fgets($stream);
        }
        $first = fgets($stream);
        if ($first === false || trim($first) === '') {
            throw new ImportException(__('The file is empty; its first line must name the columns :columns.', ['columns' => implode(',', $needed)]));
        }
        if (str_starts_with($first, "\xFF\xFE") || str_starts_with($first, "\xFE\xFF")) {
            throw new ImportException(__('The file is written in UTF-16; save it as CSV in UTF-8.'));
        }
        $columns = self::heads($first);
        $columns = $named === null ? $columns : array_map($named, $columns);
        $missing = array_diff($needed, $columns);
        $strange = $allowed === null ? [] : array_diff($columns, $needed, $allowed);
        if ($missing !== [] || $strange !== [] || count(array_unique($columns)) !== count($columns)) {
            throw new ImportException(__('Line 1: the columns must be :needed and may be :allowed, each once; found :found.', [
                'needed' => implode(',', $needed), 'allowed' => implode(',', $allowed ?? []), 'found' => PlainText::quoted(implode(',', $columns)),
            ]));
        }

        return new self($stream, $columns, self::separator($first), $linesBefore);
    }

    /**
     * @return list<string> what the cells of a line of heads say
     *
     * @throws ImportException when it is no text
     */
    public static function heads(string $line): array
    {
        $line = self::decoded(1, $line);
        $cells = array_map(static fn(?string $cell): string => trim((string) $cell), str_getcsv($line, self::separator($line), escape: ''));
        $cells[0] = self::withoutMark($cells[0]);

        return $cells;
    }

    /** @return iterable<CsvRow> */
    public function rows(): iterable
    {
        for ($line = 2 + $this->linesBefore; ($cells = fgetcsv($this->stream, separator: $this->separator, escape: '')) !== false; ++$line) {
            if ($cells === [null]) {
                continue;
            }
            $fault = count($cells) === count($this->columns) ? null : self::wrongCount(count($cells), count($this->columns));
            $byColumn = [];
            foreach ($this->columns as $i => $column) {
                $cell = $cells[$i] ?? '';
                if (strlen($cell) > Limits::CELL_BYTES) {
                    $fault ??= self::tooLong();
                }
                try {
                    $byColumn[$column] = self::decoded($line, $cell);
                } catch (ImportException $e) {
                    $byColumn[$column] = '';
                    $fault ??= self::unreadable();
                }
            }
            yield new CsvRow($line, $byColumn, $this->separator !== ',', $fault);
        }
    }

    private static function separator(string $line): string
    {
        return match (true) {
            str_contains($line, ';') => ';',
            str_contains($line, "\t") => "\t",
            default => ',',
        };
    }

    /** @throws ImportException when it is neither UTF-8 nor Windows-1252, where five bytes mean nothing */
    private static function decoded(int $line, string $bytes): string
    {
        if (mb_check_encoding($bytes, 'UTF-8')) {
            return $bytes;
        }
        if (strpbrk($bytes, "\x81\x8D\x8F\x90\x9D") !== false) {
            throw new ImportException(__('Line :n: :why', ['n' => $line, 'why' => self::unreadable()]));
        }

        return mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');
    }

    private static function wrongCount(int $cells, int $columns): string
    {
        return __(':cells cells where the header has :columns.', ['cells' => $cells, 'columns' => $columns]);
    }

    private static function tooLong(): string
    {
        return __('a cell is longer than :most bytes.', ['most' => Limits::CELL_BYTES]);
    }

    private static function unreadable(): string
    {
        return __('the text is neither UTF-8 nor Windows-1252; save the file as CSV in UTF-8.');
    }

    private static function withoutMark(string $text): string
    {
        return str_starts_with($text, self::BYTE_ORDER_MARK) ? substr($text, strlen(self::BYTE_ORDER_MARK)) : $text;
    }
}
