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
}
