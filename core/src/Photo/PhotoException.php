<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

use KeenShadow\Core\Refusal;

/** A camera, or a plan for one, that makes no sense; `field` is the path of the key, such as `shots[2].frames`. */
final class PhotoException extends Refusal
{
    /** @throws self unless least ≤ value ≤ most */
    public static function within(string $path, float $value, float $least, float $most): void
    {
        if (!($value >= $least && $value <= $most)) {
            throw new self('out_of_range', ['path' => $path, 'value' => $value, 'least' => $least, 'most' => $most], $path);
        }
    }

    public static function missing(string $path): self
    {
        return new self('missing', ['path' => $path], $path);
    }

    public static function notANumber(string $path): self
    {
        return new self('not_a_number', ['path' => $path], $path);
    }

    public static function notWhole(string $path): self
    {
        return new self('not_whole', ['path' => $path], $path);
    }

    public static function notWidthAndHeight(string $path): self
    {
        return new self('not_width_and_height', ['path' => $path], $path);
    }

    public static function notTwo(string $path): self
    {
        return new self('not_two', ['path' => $path], $path);
    }

    public static function notYesOrNo(string $path): self
    {
        return new self('not_yes_or_no', ['path' => $path], $path);
    }

    public static function notAText(string $path, int $most): self
    {
        return new self('not_a_text', ['path' => $path, 'most' => $most], $path);
    }

    /** @param list<string> $words */
    public static function notOneOf(string $path, array $words): self
    {
        return new self('not_one_of', ['path' => $path, 'words' => $words], $path);
    }

    /** The second of two is less than the first. */
    public static function reversed(string $path): self
    {
        return new self('reversed', ['path' => $path], $path);
    }

    public static function tooManyExposures(string $path, int $most): self
    {
        return new self('too_many_exposures', ['path' => $path, 'most' => $most], $path);
    }

    /** A lens that is set wider than it is, or a camera to what it has not. */
    public static function beyondTheKit(string $path, float $value, float $least, float $most): self
    {
        return new self('beyond_the_kit', ['path' => $path, 'value' => $value, 'least' => $least, 'most' => $most], $path);
    }

    public static function notAListOfWishes(string $path, int $most): self
    {
        return new self('not_a_list_of_wishes', ['path' => $path, 'most' => $most], $path);
    }

    public static function notAListOfShots(string $path, int $most): self
    {
        return new self('not_a_list_of_shots', ['path' => $path, 'most' => $most], $path);
    }

    public static function notAShot(string $path): self
    {
        return new self('not_a_shot', ['path' => $path], $path);
    }

    public static function noSuchFilter(string $path): self
    {
        return new self('no_such_filter', ['path' => $path, 'densities' => array_map(static fn(FilterDensity $density): string => (string) $density->value, FilterDensity::cases())], $path);
    }
}
