<?php

declare(strict_types=1);

namespace App\Text;

/** Numbers as people type them. */
final class TypedNumber
{
    /** "−6,29 " becomes "-6.29"; what is no number stays as it is, for the message to show. */
    public static function normalise(string $typed): string
    {
        return str_replace(['−', ','], ['-', '.'], trim($typed));
    }

    /** Null when it is no number. */
    public static function parse(string $typed): ?float
    {
        $text = self::normalise($typed);

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }
}
