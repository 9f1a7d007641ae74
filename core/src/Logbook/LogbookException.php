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

    public static function noNumber(ObservationKind $kind): self
    {
        return new self('no_number', ['what' => $kind->value], 'value');
    }

    public static function strangeNumber(ObservationKind $kind, float $value): self
    {
        return new self('strange_number', ['what' => $kind->value, 'value' => $value, 'least' => $kind->least(), 'most' => $kind->most()], 'value');
    }

    public static function notCounted(ObservationKind $kind, float $value): self
    {
        return new self('not_counted', ['what' => $kind->value, 'value' => $value], 'value');
    }

    public static function noWords(ObservationKind $kind): self
    {
        return new self('no_words', ['what' => $kind->value], 'text');
    }
}
