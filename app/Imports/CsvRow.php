<?php

declare(strict_types=1);

namespace App\Imports;

use App\Text\PlainText;

/** One line of a table, its cells by the names of the columns. */
final readonly class CsvRow
{
    /**
     * @param array<string, string> $cells
     * @param bool $mayUseDecimalCommas where the cells are not parted by commas
     */
    public function __construct(
        public int $line,
        public array $cells,
        private bool $mayUseDecimalCommas = false,
        private ?string $fault = null,
    ) {}

    /** @throws ImportException when the line as a whole is malformed */
    public function check(): void
    {
        if ($this->fault !== null) {
            throw new ImportException(__('Line :n: :why', ['n' => $this->line, 'why' => $this->fault]));
        }
    }

    /** The cell as plain text; empty when the table lacks the column. */
    public function text(string $column): string
    {
        return PlainText::of($this->cells[$column] ?? '');
    }

    /** @throws ImportException when the cell is empty or no number */
    public function number(string $column): float
    {
        $text = $this->text($column);
        if ($text === '') {
            throw new ImportException(__('Line :n, column :column: empty.', ['n' => $this->line, 'column' => $column]));
        }
        if ($this->mayUseDecimalCommas) {
            $text = str_replace(',', '.', $text);
        }
        if (!is_numeric($text) || !is_finite((float) $text)) {
            throw new ImportException(__('Line :n, column :column: ":text" is not a number.', ['n' => $this->line, 'column' => $column, 'text' => PlainText::quoted($text)]));
        }

        return (float) $text;
    }

    /** @throws ImportException when the cell is filled but no number */
    public function numberOrNull(string $column): ?float
    {
        return $this->text($column) === '' ? null : $this->number($column);
    }
}
