<?php

declare(strict_types=1);

namespace App\Exports\Eyewear;

use App\Domain\Eyewear\LotAnswers;
use App\Exports\CsvLine;
use App\Models\Eyewear\Lot;
use BackedEnum;
use DateTimeInterface;

/** The lots of an organisation as CSV, which comes in again as it went out. */
final class StockTable
{
    /** @param iterable<Lot> $lots */
    public static function of(iterable $lots): string
    {
        $text = CsvLine::of(LotAnswers::columns());
        foreach ($lots as $lot) {
            $text .= CsvLine::of(self::cells($lot));
        }

        return $text;
    }

    /** @return list<string|int|float|null> */
    private static function cells(Lot $lot): array
    {
        return array_map(static function (string $column) use ($lot): string|int|float|null {
            $value = $column === 'supplier' ? $lot->supplier?->name : $lot->getAttribute($column);

            return match (true) {
                $value instanceof BackedEnum => $value->value,
                $value instanceof DateTimeInterface => $value->format('Y-m-d'),
                is_string($value), is_int($value), is_float($value) => $value,
                default => null,
            };
        }, LotAnswers::columns());
    }
}
