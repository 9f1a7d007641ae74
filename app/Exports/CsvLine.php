<?php

declare(strict_types=1);

namespace App\Exports;

/** One line of CSV as RFC 4180 has it, and so that no spreadsheet takes a text for a formula. */
final class CsvLine
{
    /** What a formula may begin with (OWASP, CSV injection); an apostrophe before it makes it text. */
    private const FORMULA_BEGINS = "=+-@\t\r\n";

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
            is_string($value) => self::harmless($value),
            default => (string) $value,
        };

        return strpbrk($text, "\",\r\n") === false ? $text : '"' . str_replace('"', '""', $text) . '"';
    }

    /** A number is none, negative or not. */
    private static function harmless(string $text): string
    {
        return $text !== '' && str_contains(self::FORMULA_BEGINS, $text[0]) && !is_numeric($text) ? "'" . $text : $text;
    }
}
