<?php

declare(strict_types=1);

namespace KeenShadow\Core\Time;

use KeenShadow\Core\Refusal;

/** A time or a difference of times that cannot be meant. */
final class TimeException extends Refusal
{
    public static function beforeDeltaT(float $year, int $first): self
    {
        return new self('before_delta_t', ['year' => round($year, 1), 'first' => $first]);
    }

    public static function deltaTOutOfRange(float $seconds, float $least, float $most): self
    {
        return new self('delta_t_out_of_range', ['value' => $seconds, 'least' => $least, 'most' => $most]);
    }
}
