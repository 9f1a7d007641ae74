<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Drill;

/** What is called in the drill. */
enum Press: string
{
    case FiltersOff = 'off';
    case FiltersOn = 'on';
}
