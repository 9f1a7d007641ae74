<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** What a director calls. */
enum CallKind: string
{
    case Stop = 'stop';
    /** Takes a stop back. */
    case GoOn = 'go_on';
    case Cloud = 'cloud';
    case Clear = 'clear';
}
