<?php

declare(strict_types=1);

namespace App\Exports;

/** One line of CSV as RFC 4180 has it. */
final class CsvLine
{
    /** @param list<string|int|float|bool|null> $cells true and false are written as words, null as nothing */
    public static function of(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells)) . "\r\n";
    }

    private static function cell(string|int|float|bool|null $value): string
    {
        $text = match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'true' : 'false',
            default => (string) $value,
        };

        return strpbrk($text, "\",\r\n") === false ? $text : '"' . str_replace('"', '""', $text) . '"';
    }
}
