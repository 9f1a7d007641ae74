<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

use KeenShadow\Core\Refusal;

/** A viewer that cannot be built, or that nobody can make out from what was written. */
final class ViewerException extends Refusal
{
    /** @throws self unless least ≤ value ≤ most */
    public static function within(string $field, float $value, float $least, float $most): void
    {
        if (!($value >= $least && $value <= $most)) {
            throw new self('out_of_range', ['what' => $field, 'value' => self::short($value), 'least' => self::short($least), 'most' => self::short($most)], $field);
        }
    }

    public static function missing(string $field): self
    {
        return new self('missing', ['what' => $field], $field);
    }

    public static function unknownKey(string $key): self
    {
        return new self('unknown_key', ['key' => $key], $key);
    }

    /** @param list<string> $words that it may be */
    public static function notOneOf(string $field, mixed $given, array $words): self
    {
        return new self('not_one_of', ['what' => $field, 'given' => self::shown($given), 'words' => $words], $field);
    }

    public static function notALength(string $field, mixed $given): self
    {
        [$least, $most] = Size::tryFrom($field)?->range() ?? [0.0, 0.0];

        return new self('not_a_length', ['what' => $field, 'given' => self::shown($given), 'least' => $least, 'most' => $most], $field);
    }

    public static function severalUnits(string $field, string $given): self
    {
        return new self('several_units', ['what' => $field, 'given' => $given], $field);
    }

    public static function notANumber(string $field, mixed $given): self
    {
        return new self('not_a_number', ['what' => $field, 'given' => self::shown($given)], $field);
    }

    /** An opening wider than the way behind it is long. */
    public static function widerThanLong(string $field, float $openingMm, float $lengthMm): self
    {
        return new self('wider_than_long', ['what' => $field, 'value' => self::short($openingMm), 'length' => self::short($lengthMm)], $field);
    }

    public static function insideTheFocus(float $distanceMm, float $focalMm): self
    {
        return new self('inside_the_focus', ['value' => self::short($distanceMm), 'focal' => self::short($focalMm)], 'distance_mm');
    }

    public static function noText(int $most): self
    {
        return new self('no_text', ['most' => $most], 'text');
    }

    public static function noLetter(string $letter): self
    {
        return new self('no_letter', ['letter' => $letter], 'text');
    }

    public static function noOutline(int $most): self
    {
        return new self('no_outline', ['most' => $most], 'outline');
    }

    public static function tooManyHoles(int $most): self
    {
        return new self('too_many_holes', ['most' => $most], 'figure_mm');
    }

    private static function shown(mixed $given): string
    {
        return is_string($given) ? $given : (string) json_encode($given, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private static function short(float $value): float
    {
        return (float) sprintf('%.6g', $value);
    }
}
