<?php

declare(strict_types=1);

namespace App\Text;

/** An exposure as people type it. */
final class TypedExposure
{
    /** "1/250", "1/250 s", "0.5", "2″" in seconds; null where it is none. */
    public static function parse(string $typed): ?float
    {
        $text = trim(preg_replace('/\s*(s|sec|"|″)\s*$/iu', '', trim($typed)) ?? '');
        $parts = explode('/', $text);
        $numbers = array_map(TypedNumber::parse(...), $parts);

        return match (true) {
            in_array(null, $numbers, true), count($numbers) > 2 => null,
            count($numbers) === 1 => $numbers[0],
            $numbers[1] === 0.0 => null,
            default => $numbers[0] / $numbers[1],
        };
    }
}
