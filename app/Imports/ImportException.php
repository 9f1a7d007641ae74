<?php

declare(strict_types=1);

namespace App\Imports;

use App\Text\PlainText;
use Illuminate\Support\Str;
use InvalidArgumentException;

/** A file that cannot be taken in; the message names the place and is fit for the person who sent it. */
final class ImportException extends InvalidArgumentException
{
    private const LONGEST = 400;

    public function __construct(string $message)
    {
        parent::__construct(Str::limit(PlainText::of($message), self::LONGEST, '…'));
    }
}
