<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet;

use KeenShadow\Core\Refusal;

/** A run sheet, or a question about one, that makes no sense; `field` is the path of the key, such as `stations[2].capacity`. */
final class RunSheetException extends Refusal
{
    public static function missing(string $path): self
    {
        return new self('missing', ['path' => $path], $path);
    }

    public static function notAList(string $path): self
    {
        return new self('not_a_list', ['path' => $path], $path);
    }

    public static function notARecord(string $path): self
    {
        return new self('not_a_record', ['path' => $path], $path);
    }

    public static function notAText(string $path): self
    {
        return new self('not_a_text', ['path' => $path], $path);
    }

    public static function notAWholeNumber(string $path, int $least): self
    {
        return new self('not_a_whole_number', ['path' => $path, 'least' => $least], $path);
    }

    public static function notANumber(string $path): self
    {
        return new self('not_a_number', ['path' => $path], $path);
    }

    public static function noZone(string $path, string $zone): self
    {
        return new self('no_zone', ['path' => $path, 'zone' => $zone], $path);
    }

    public static function tooMany(string $path, int $most): self
    {
        return new self('too_many', ['path' => $path, 'most' => $most], $path);
    }

    /** @param list<int> $steps that it may be */
    public static function notAStep(string $path, array $steps): self
    {
        return new self('not_a_step', ['path' => $path, 'steps' => array_map(strval(...), $steps)], $path);
    }

    /** @param list<string> $words that it may be */
    public static function notOneOf(string $path, array $words): self
    {
        return new self('not_one_of', ['path' => $path, 'words' => $words], $path);
    }

    public static function notATime(string $path): self
    {
        return new self('not_a_time', ['path' => $path], $path);
    }

    public static function notAStretch(string $path): self
    {
        return new self('not_a_stretch', ['path' => $path], $path);
    }

    public static function reversed(string $path): self
    {
        return new self('reversed', ['path' => $path], $path);
    }

    public static function overlapping(string $path): self
    {
        return new self('overlapping', ['path' => $path], $path);
    }

    public static function offTheStep(string $path, int $stepMin): self
    {
        return new self('off_the_step', ['path' => $path, 'step' => $stepMin], $path);
    }

    public static function idTwice(string $path, string $id): self
    {
        return new self('id_twice', ['path' => $path, 'id' => $id], $path);
    }

    public static function idReserved(string $path, string $id): self
    {
        return new self('id_reserved', ['path' => $path, 'id' => $id], $path);
    }

    public static function unknownStation(string $path, string $id): self
    {
        return new self('unknown_station', ['path' => $path, 'id' => $id], $path);
    }

    public static function tooLong(string $path, int $most): self
    {
        return new self('too_long', ['path' => $path, 'most' => $most], $path);
    }

    /** @throws self unless least ≤ value ≤ most */
    public static function within(string $path, int $value, int $least, int $most): void
    {
        if ($value < $least || $value > $most) {
            throw new self('out_of_range', ['path' => $path, 'least' => $least, 'most' => $most], $path);
        }
    }

    /** A line of a school day without a beginning and a later end. */
    public static function bellLine(int $number): self
    {
        return new self('bell_line', ['line' => $number], 'bells');
    }

    /** Two lengths of one way. */
    public static function twoWays(string $path): self
    {
        return new self('two_ways', ['path' => $path], $path);
    }
}
