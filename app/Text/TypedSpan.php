<?php

declare(strict_types=1);

namespace App\Text;

/** Spans of time as people type them: "-10" and "10 min" are minutes, "1:30" minutes and seconds, "1:00:00" hours, "20 s", "3 d". */
final class TypedSpan
{
    private const UNITS = ['s' => 1, 'min' => 60, 'h' => 3600, 'd' => 86400];

    /** In seconds; null when it is none. */
    public static function parse(string $typed): ?int
    {
        $text = strtolower((string) preg_replace('/\s+/u', '', TypedNumber::normalise($typed)));
        if (preg_match('/^([+-]?)(?:(\d{1,3}):)?(\d{1,4}):([0-5]\d)$/D', $text, $found) === 1) {
            $seconds = 3600 * (int) $found[2] + 60 * (int) $found[3] + (int) $found[4];

            return $found[1] === '-' ? -$seconds : $seconds;
        }
        if (preg_match('/^([+-]?\d{1,6}(?:\.\d{1,3})?)(s|min|h|d)?$/D', $text, $found) === 1) {
            return (int) round((float) $found[1] * self::UNITS[$found[2] ?? 'min']);
        }

        return null;
    }

    /** As it may be typed again: "−10 min", "1:30", "20 s", "−3 d". */
    public static function write(int $seconds): string
    {
        $abs = abs($seconds);
        $text = match (true) {
            $abs === 0 => '0',
            $abs % 86400 === 0 => intdiv($abs, 86400) . ' d',
            $abs < 60 => "{$abs} s",
            $abs % 60 === 0 => intdiv($abs, 60) . ' min',
            default => sprintf('%d:%02d', intdiv($abs, 60), $abs % 60),
        };

        return ($seconds < 0 ? '−' : '') . $text;
    }
}
