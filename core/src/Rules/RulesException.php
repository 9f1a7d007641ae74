<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

use KeenShadow\Core\Refusal;

/** A situation that cannot be told so. */
final class RulesException extends Refusal
{
    /** @param int $line of a file of situations */
    public static function notAnObject(int $line): self
    {
        return new self('not_an_object', ['line' => $line]);
    }

    public static function unknownPart(string $part): self
    {
        return new self('unknown_part', ['part' => $part], $part);
    }

    /** @param string $given as it was written */
    public static function notAValue(Part $part, string $given): self
    {
        return match (true) {
            $part->range() !== null => new self('not_a_number', ['part' => $part->value, 'given' => $given, 'least' => $part->range()[0], 'most' => $part->range()[1]], $part->value),
            $part->isList() => new self('not_a_list', ['part' => $part->value, 'given' => $given, 'words' => $part->words()], $part->value),
            $part->words() !== [] => new self('not_a_word', ['part' => $part->value, 'given' => $given, 'words' => $part->words()], $part->value),
            default => new self('not_true_or_false', ['part' => $part->value, 'given' => $given], $part->value),
        };
    }
}
