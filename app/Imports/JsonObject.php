<?php

declare(strict_types=1);

namespace App\Imports;

/** One JSON object, with what is in it as plain values. */
final class JsonObject
{
    private const DEPTH = 8;

    /** @return array<array-key, mixed>|null null where it is none, or larger */
    public static function parse(string $text, int $kilobytes): ?array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        // As an array `{}` and `[]` are the same.
        $given = strlen($text) <= 1024 * $kilobytes && str_starts_with(ltrim($text), '{') ? json_decode($text, true, self::DEPTH) : null;

        return is_array($given) ? $given : null;
    }
}
