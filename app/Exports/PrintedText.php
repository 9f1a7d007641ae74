<?php

declare(strict_types=1);

namespace App\Exports;

use Dompdf\Dompdf;
use Dompdf\FontMetrics;

/** How much room words take on paper, in the typeface of what is printed: measured as the printer of PDFs measures. */
final class PrintedText
{
    private const MM_PER_POINT = 25.4 / 72;

    private static ?FontMetrics $metrics = null;

    public static function widthMm(string $words, float $points, bool $isBold = false): float
    {
        return self::metrics()->getTextWidth($words, self::font($isBold), $points) * self::MM_PER_POINT;
    }

    /** Of one line in a style with a line height of 1; the printer takes the height of the letters for the size of the type. */
    public static function lineMm(float $points, bool $isBold = false): float
    {
        return self::metrics()->getFontHeight(self::font($isBold), $points) * self::MM_PER_POINT;
    }

    /** Height of words that are broken between them at a width. */
    public static function heightMm(string $words, float $widthMm, float $points, bool $isBold = false): float
    {
        return count(self::lines($words, $widthMm, $points, $isBold)) * self::lineMm($points, $isBold);
    }

    /** @return non-empty-list<string> a word that is wider than the line is broken where the line ends */
    public static function lines(string $words, float $widthMm, float $points, bool $isBold = false): array
    {
        $lines = [''];
        foreach (explode(' ', $words) as $word) {
            foreach (self::pieces($word, $widthMm, $points, $isBold) as $piece) {
                $last = count($lines) - 1;
                $longer = $lines[$last] === '' ? $piece : "{$lines[$last]} {$piece}";
                if (self::widthMm($longer, $points, $isBold) <= $widthMm) {
                    $lines[$last] = $longer;
                } else {
                    $lines[] = $piece;
                }
            }
        }

        return $lines;
    }

    /** @return list<string> */
    private static function pieces(string $word, float $widthMm, float $points, bool $isBold): array
    {
        $times = (int) ceil(1.1 * self::widthMm($word, $points, $isBold) / $widthMm);

        return $times <= 1 ? [$word] : mb_str_split($word, max(1, intdiv(mb_strlen($word), $times)));
    }

    private static function metrics(): FontMetrics
    {
        return self::$metrics ??= (new Dompdf())->getFontMetrics();
    }

    private static function font(bool $isBold): string
    {
        return (string) self::metrics()->getFont('DejaVu Sans', $isBold ? 'bold' : 'normal');
    }
}
