<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

/** What a drop found in a log is worth. */
enum Worth: string
{
    /** Within 0.3 K and its minimum within 2 min, at 95 %. */
    case Good = 'good';
    /** There is one, but not as well as that. */
    case Poor = 'poor';
    /** None beyond its uncertainty, or nothing to measure it from. */
    case None = 'none';
}
