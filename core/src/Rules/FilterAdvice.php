<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What people do with their filters while they look at the Sun. */
enum FilterAdvice: string
{
    case StayOn = 'stay_on';
    case MayComeOff = 'may_come_off';
}
