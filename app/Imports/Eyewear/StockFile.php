<?php

declare(strict_types=1);

namespace App\Imports\Eyewear;

use App\Domain\Eyewear\LotAnswers;
use App\Imports\CsvRow;
use App\Imports\CsvTable;
use App\Imports\ImportException;
use App\Imports\ImportFaults;
use App\Imports\Limits;
use App\Models\Eyewear\Lot;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\Question;

/** Lots from a CSV file, with the columns that the program writes. The whole file is read and checked; either all lots come back or the faults. */
final class StockFile
{
    private const MOST = 500;
    private const NUMBERS = ['pairs', Question::Shade->value, Question::LensWidth->value, Question::LensHeight->value, Question::Opening->value];

    /**
     * @param array<string, int> $suppliers of the register: their ids by name
     *
     * @return list<Lot> not stored yet, of no organisation yet
     *
     * @throws ImportFaults by line and column
     */
    public static function read(string $path, array $suppliers): array
    {
        $lots = $faults = [];
        try {
            Limits::holdLines($path);
            foreach (CsvTable::open($path, LotAnswers::NEEDED, LotAnswers::columns(), strtolower(...))->rows() as $row) {
                Limits::hold($row->line - 1, self::MOST, __('lots'));
                try {
                    $row->check();
                    $lot = self::lot($row, $suppliers);
                    isset($lots[$lot->label]) ? $faults[] = self::fault($row, 'label', __('there is a lot with this label already.')) : $lots[$lot->label] = $lot;
                } catch (ImportFaults $e) {
                    $faults = [...$faults, ...$e->faults];
                } catch (ImportException $e) {
                    $faults[] = $e->getMessage();
                }
            }
        } catch (ImportException $e) {
            $faults[] = $e->getMessage();
        }
        if ($faults === [] && $lots === []) {
            $faults[] = __('There are no lots in the file.');
        }

        return $faults === [] ? array_values($lots) : throw ImportFaults::of($faults);
    }

    /**
     * @param array<string, int> $suppliers
     *
     * @throws ImportException|ImportFaults
     */
    private static function lot(CsvRow $row, array $suppliers): Lot
    {
        $cells = [];
        foreach ($row->cells as $column => $cell) {
            $text = self::unquoted($row->text($column));
            $cells[$column] = in_array($column, self::NUMBERS, true) ? $row->numberOrNull($column) : ($text === '' ? null : $text);
        }
        $kind = Kind::tryFrom((string) $cells['kind']);
        $checked = Validator::make($cells, [
            'label' => ['required', 'string', 'max:80'],
            'kind' => ['required', Rule::enum(Kind::class)],
            'pairs' => ['required', 'integer', 'between:1,100000'],
            'origin' => ['required', Rule::enum(Origin::class)],
            'supplier' => ['nullable', 'required_if:origin,' . Origin::Supplier->value, Rule::in(array_keys($suppliers))],
        ] + ($kind === null ? [] : LotAnswers::rules($kind)), ['supplier.*' => __('no supplier of your register.'), 'pairs.*' => __('a whole number from 1 to 100 000.'), 'label.*' => __('a label of at most 80 letters.')] + LotAnswers::messages());
        $faults = array_values(array_map(static fn(string $column): string => self::fault($row, $column, $checked->errors()->first($column)), $checked->errors()->keys()));
        if ($faults !== []) {
            throw ImportFaults::of($faults);
        }
        $lot = new Lot(array_intersect_key($cells, array_flip(LotAnswers::NEEDED)));
        foreach ($kind?->questions() ?? [] as $question) {
            $lot->setAttribute($question->value, $cells[$question->value] ?? null);
        }
        $lot->supplier_id = $cells['origin'] === Origin::Supplier->value ? $suppliers[(string) $cells['supplier']] : null;

        return $lot;
    }

    /** What begins like a formula goes out with an apostrophe before it, and comes in without. */
    private static function unquoted(string $text): string
    {
        return preg_match('/^\'[=+\-@]/', $text) === 1 ? substr($text, 1) : $text;
    }

    private static function fault(CsvRow $row, string $column, string $why): string
    {
        return __('Line :n, column :column: :why', ['n' => $row->line, 'column' => $column, 'why' => $why]);
    }
}
