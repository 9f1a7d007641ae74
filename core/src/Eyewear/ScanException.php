<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Refusal;

/** A scan that cannot be read as what it says it is. */
final class ScanException extends Refusal
{
    public static function noReadings(): self
    {
        return new self('no_readings');
    }

    public static function inMicrometres(int $line, float $value): self
    {
        return new self('in_micrometres', ['line' => $line, 'value' => $value]);
    }

    public static function disagree(int $line, int $other, float $nm): self
    {
        return new self('disagree', ['line' => $line, 'other' => $other, 'nm' => $nm]);
    }

    public static function aboveOne(int $line, string $column, float $value): self
    {
        return new self('above_one', ['line' => $line, 'column' => $column, 'value' => $value]);
    }

    public static function negative(int $line, string $column, float $value): self
    {
        return new self('negative', ['line' => $line, 'column' => $column, 'value' => $value]);
    }
}
