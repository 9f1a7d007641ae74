<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeImmutable;

/** Instants in ISO 8601, rounded (not cut) to the millisecond. */
final class Iso
{
    /** @param string $zone what follows the time: Z for UTC, nothing for Terrestrial Time */
    public static function instant(DateTimeImmutable $time, string $zone = 'Z'): string
    {
        return $time->modify('+500 microseconds')->format('Y-m-d\TH:i:s.v') . $zone;
    }
}
