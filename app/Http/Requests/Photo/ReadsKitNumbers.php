<?php

declare(strict_types=1);

namespace App\Http\Requests\Photo;

use App\Text\TypedNumber;

/**
 * Numbers of a form as a record has them: what is no number stays a text, for core to refuse, and blank is nothing.
 */
trait ReadsKitNumbers
{
    private static function number(mixed $typed): float|string|null
    {
        return is_string($typed) && trim($typed) !== '' ? TypedNumber::parse($typed) ?? $typed : null;
    }
}
