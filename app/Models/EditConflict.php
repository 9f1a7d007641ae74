<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** What a form was made from is not so any more; nothing was written. */
final class EditConflict extends RuntimeException
{
    private function __construct(public readonly bool $isMade)
    {
        parent::__construct($isMade ? 'the form made something else before' : 'the row was changed meanwhile');
    }

    /** A form that has made a row comes again with something else in it, or after the row was removed. */
    public static function madeAlready(): self
    {
        return new self(true);
    }

    /** Somebody else changed the row after the form was shown. */
    public static function changedMeanwhile(): self
    {
        return new self(false);
    }
}
