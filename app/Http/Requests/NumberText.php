<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Numbers as people type them. */
final class NumberText
{
    /** "−6,29 " becomes "-6.29"; what is no number stays as it is, for the message to show. */
    public static function normalise(string $typed): string
    {
        return str_replace(['−', ','], ['-', '.'], trim($typed));
    }
}
