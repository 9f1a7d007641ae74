<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What is called out about filters, always. */
enum FilterCall: string
{
    case MayComeOff = 'may_come_off';
    /** They go on in a moment. */
    case Warning = 'warning';
    case BackOn = 'back_on';
}
