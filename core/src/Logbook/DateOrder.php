<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** In which order a logger writes day and month where the year does not come first. */
enum DateOrder: string
{
    case DayFirst = 'day_first';
    case MonthFirst = 'month_first';
}
