<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Refusal;

/** Something asked of the sky that has no answer. */
final class SkyException extends Refusal
{
    public static function outOfRange(string $what, float $value, float $least, float $most): self
    {
        return new self('out_of_range', ['what' => $what, 'value' => $value, 'least' => $least, 'most' => $most]);
    }

    public static function notANumber(string $what, string $text): self
    {
        return new self('not_a_number', ['what' => $what, 'text' => $text]);
    }

    /** @param list<string> $allowed */
    public static function notOneOf(string $what, string $text, array $allowed): self
    {
        return new self('not_one_of', ['what' => $what, 'text' => $text, 'allowed' => $allowed]);
    }

    public static function noEclipseOn(string $date): self
    {
        return new self('no_eclipse', ['date' => $date]);
    }

    /** Never seen in some 50 000 places; an answer that is not found is none. */
    public static function notFound(string $what): self
    {
        return new self('not_found', ['what' => $what]);
    }

    public static function notADate(string $text): self
    {
        return new self('not_a_date', ['text' => $text]);
    }

    public static function outsideYears(int $first, int $last): self
    {
        return new self('outside_years', ['first' => $first, 'last' => $last]);
    }
}
