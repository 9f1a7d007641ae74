<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

use KeenShadow\Core\Refusal;

/** Readings, or a question about them, that make no sense. */
final class LogbookException extends Refusal
{
    public static function contactsOutOfOrder(): self
    {
        return new self('contacts_out_of_order');
    }

    public static function tooLong(int $mostHours): self
    {
        return new self('too_long', ['most_h' => $mostHours]);
    }
}
