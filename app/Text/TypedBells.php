<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\RunSheet\Rota\Bell;
use KeenShadow\Core\RunSheet\RunSheetException;

/**
 * The bells of a school day as people type them, one stretch a line: `Lesson 3 10:15-11:00`, `10:15 11:00 Lesson 3`, and with the
 * word break at the end `11:00-11:20 Break`, in which nobody is sent anywhere.
 */
final class TypedBells
{
    private const TIME = '(?<![\d:])([01]?\d|2[0-3])[:.h]([0-5]\d)(?![\d:])';
    /** What schools call the time between lessons, in the languages of this program. */
    private const BREAKS = '/\b(break|recess|lunch|recreo|pausa|comida)\b/iu';

    /**
     * @return list<Bell>
     *
     * @throws RunSheetException naming the line
     */
    public static function read(string $typed): array
    {
        $bells = [];
        foreach (explode("\n", $typed) as $i => $line) {
            if (trim($line) !== '') {
                $bells[] = self::line(trim($line), $i + 1);
            }
        }

        return Bell::day($bells);
    }

    /** @param list<Bell> $bells */
    public static function write(array $bells): string
    {
        return implode("\n", array_map(static fn(Bell $b): string => sprintf(
            '%02d:%02d-%02d:%02d %s%s',
            intdiv($b->fromMin, 60),
            $b->fromMin % 60,
            intdiv($b->toMin, 60),
            $b->toMin % 60,
            $b->name,
            $b->isBreak && !self::isBreak($b->name) ? ' (break)' : '',
        ), $bells));
    }

    private static function line(string $line, int $number): Bell
    {
        if (preg_match_all('/' . self::TIME . '/', $line, $times, PREG_SET_ORDER) !== 2) {
            throw RunSheetException::bellLine($number);
        }
        $name = trim((string) preg_replace(['/' . self::TIME . '/', '/\(break\)/i', '/^[\s,;–—-]+|[\s,;–—-]+$/u', '/\s{2,}/'], ['', '', '', ' '], $line), " \t-–—,;");
        $minutes = array_map(static fn(array $time): int => 60 * (int) $time[1] + (int) $time[2], $times);
        try {
            return Bell::of($name === '' ? (string) $number : $name, $minutes[0], $minutes[1], self::isBreak($line));
        } catch (RunSheetException) {
            throw RunSheetException::bellLine($number);
        }
    }

    private static function isBreak(string $words): bool
    {
        return preg_match(self::BREAKS, $words) === 1;
    }
}
