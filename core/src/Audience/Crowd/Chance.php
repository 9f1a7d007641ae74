<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use Random\Randomizer;

/** Numbers by chance, from a source that is handed in: the same seed gives the same numbers. */
final class Chance
{
    private const STEPS = 1 << 53;

    /** Evenly from 0 to below 1. */
    public static function share(Randomizer $random): float
    {
        return $random->getInt(0, self::STEPS - 1) / self::STEPS;
    }

    /** Exponential with mean 1. */
    public static function waiting(Randomizer $random): float
    {
        return -log(1 - self::share($random));
    }
}
