<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Drill;

/** How a call lay beside the times of the one rule. */
enum Timing: string
{
    /** Filters off before they may be: some of the Sun shows. */
    case EarlyOff = 'early_off';
    /** Filters back on after they had to be: some of the Sun shows. */
    case LateOn = 'late_on';
    case InTime = 'in_time';
    /** Safe, and much of totality was not seen. */
    case Wasted = 'wasted';
    case NotCalled = 'not_called';

    public function isDangerous(): bool
    {
        return $this === self::EarlyOff || $this === self::LateOn;
    }
}
