<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

/** How much of the Sun's disc is clear. */
enum DiscVisibility: string
{
    case Clear = 'clear';
    case Partly = 'partly';
    case Hidden = 'hidden';
}
