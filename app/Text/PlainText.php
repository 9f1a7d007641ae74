<?php

declare(strict_types=1);

namespace App\Text;

use Illuminate\Support\Str;
use Normalizer;

/**
 * Text that people send, as it is kept and shown: in Unicode's normal form C, so that what looks the same is the same,
 * and without what no XML may hold or what turns the direction of a line (control characters, U+FFFE and U+FFFF, bidirectional controls).
 */
final class PlainText
{
    private const UNSEEN = '\x{FEFF}\x{FFFE}\x{FFFF}\x{202A}-\x{202E}\x{2066}-\x{2069}';
    private const MOST_QUOTED = 60;

    /** On one line. */
    public static function of(string $text): string
    {
        // What is printable ASCII without a space is plain already; a logger's table has two million such cells.
        if (preg_match('/^[!-~]*+$/D', $text) === 1) {
            return $text;
        }

        return trim((string) preg_replace('/[\p{Cc}\s' . self::UNSEEN . ']+/u', ' ', self::normal($text)));
    }

    /** With its line breaks and tabs. */
    public static function ofLines(string $text): string
    {
        return (string) preg_replace('/(?![\n\r\t])\p{Cc}|[' . self::UNSEEN . ']/u', '', self::normal($text));
    }

    /** For a message that says what was sent: its beginning. */
    public static function quoted(string $text): string
    {
        return Str::limit(self::of(substr($text, 0, 8 * self::MOST_QUOTED)), self::MOST_QUOTED, '…');
    }

    private static function normal(string $text): string
    {
        $readable = mb_scrub($text, 'UTF-8');

        $normal = Normalizer::normalize($readable);

        return is_string($normal) ? $normal : $readable;
    }
}
