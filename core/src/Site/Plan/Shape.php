<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Plan;

/** How a thing lies on the plan. */
enum Shape: string
{
    case Area = 'area';
    case Line = 'line';
    case Round = 'round';
    case Point = 'point';
}
