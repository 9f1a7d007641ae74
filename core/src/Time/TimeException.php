<?php

declare(strict_types=1);

namespace KeenShadow\Core\Time;

use InvalidArgumentException;

/** A time or a difference of times that cannot be meant. */
final class TimeException extends InvalidArgumentException
{
    public static function beforeDeltaT(float $year, int $first): self
    {
        return new self(sprintf('Nothing is known here of ΔT before %d; %.1f was asked for.', $first, $year));
    }

    public static function deltaTOutOfRange(float $seconds): self
    {
        return new self(sprintf('ΔT must lie between -200 and 600 seconds; %s does not.', $seconds));
    }
}
