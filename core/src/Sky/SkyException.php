<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use InvalidArgumentException;

/** Something asked of the sky that has no answer; the message is fit for the person who asked. */
final class SkyException extends InvalidArgumentException
{
    public static function outOfRange(string $what, float $value, float $least, float $most): self
    {
        return new self(sprintf('%s must lie between %s and %s; %s does not.', ucfirst($what), $least, $most, $value));
    }

    public static function notANumber(string $what, string $text): self
    {
        return new self(sprintf('%s: "%s" is not a number.', $what, $text));
    }

    /** @param list<string> $allowed */
    public static function notOneOf(string $what, string $text, array $allowed): self
    {
        return new self(sprintf('%s: "%s" is none of %s.', $what, $text, implode(', ', $allowed)));
    }

    public static function noEclipseOn(string $date): self
    {
        return new self(sprintf('There is no solar eclipse on %s (UTC).', $date));
    }

    /** Never seen in some 50 000 places; an answer that is not found is none. */
    public static function notFound(string $what): self
    {
        return new self(sprintf('%s was not found: the search did not come to an end.', ucfirst($what)));
    }

    public static function notADate(string $text): self
    {
        return new self(sprintf('"%s" is not a date written as YYYY-MM-DD.', $text));
    }

    public static function outsideYears(int $first, int $last): self
    {
        return new self(sprintf('Eclipses are computed for the years %d to %d.', $first, $last));
    }
}
