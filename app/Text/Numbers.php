<?php

declare(strict_types=1);

namespace App\Text;

use NumberFormatter;

/** Numbers as people read them in their language: rounded once, thousands apart by a thin space, with a true minus sign. */
final class Numbers
{
    /** How near to 1 the magnitude is computed at C2 and C3. */
    private const MAGNITUDE_AT_CONTACT = 1e-5;

    /** "1 234.50", "−0.5", never "−0.0". */
    public static function decimal(float $number, int $decimals = 0): string
    {
        $formatter = self::formatter();
        $formatter->setAttribute(NumberFormatter::FRACTION_DIGITS, $decimals);

        return (string) $formatter->format(round($number, $decimals) + 0.0);
    }

    /** "4 300": a few significant digits, for what is known no better. */
    public static function about(float $number, int $digits = 2): string
    {
        if ($number <= 0) {
            return '0';
        }
        // Of the rounded number: 0.9996 to three digits is 1.00, not 1.000.
        $decimals = $digits - 1 - (int) explode('e', sprintf('%.' . ($digits - 1) . 'e', $number))[1];

        return self::decimal(round($number, $decimals), max(0, $decimals));
    }

    /** A fraction as a percentage with one decimal; what is not all is never rounded up to 100. */
    public static function percent(float $fraction): string
    {
        return $fraction >= 1 ? '100' : self::decimal(min(99.9, $fraction * 100), 1);
    }

    public static function aboutPercent(float $fraction): string
    {
        return self::about($fraction * 100);
    }

    public static function magnitude(float $magnitude, int $decimals = 3): string
    {
        return self::decimal(self::roundedMagnitude($magnitude, $decimals), $decimals);
    }

    /** Share of the Sun's diameter: what falls short of all of it by more than a contact is computed to is never called 1. */
    public static function roundedMagnitude(float $magnitude, int $decimals = 3): float
    {
        $isAll = $magnitude >= 1 - self::MAGNITUDE_AT_CONTACT;

        return round($isAll ? $magnitude : min(1 - 0.1 ** $decimals, $magnitude), $decimals);
    }

    /**
     * Whole numbers as people list them: "1–40, 44".
     *
     * @param list<int> $numbers
     */
    public static function ranges(array $numbers): string
    {
        sort($numbers);
        $ranges = [];
        foreach ($numbers as $number) {
            $last = count($ranges) - 1;
            if ($last >= 0 && $number === $ranges[$last][1] + 1) {
                $ranges[$last][1] = $number;
            } else {
                $ranges[] = [$number, $number];
            }
        }

        return implode(', ', array_map(static fn(array $r): string => $r[0] === $r[1] ? (string) $r[0] : "{$r[0]}–{$r[1]}", $ranges));
    }

    private static function formatter(): NumberFormatter
    {
        /** @var array<string, NumberFormatter> $formatters by language */
        static $formatters = [];
        $language = app()->getLocale();
        if (!isset($formatters[$language])) {
            $formatters[$language] = new NumberFormatter($language, NumberFormatter::DECIMAL);
            $formatters[$language]->setAttribute(NumberFormatter::ROUNDING_MODE, NumberFormatter::ROUND_HALFUP);
            $formatters[$language]->setSymbol(NumberFormatter::GROUPING_SEPARATOR_SYMBOL, "\u{202F}");
            $formatters[$language]->setSymbol(NumberFormatter::MINUS_SIGN_SYMBOL, '−');
        }

        return $formatters[$language];
    }
}
