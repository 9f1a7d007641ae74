<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

use KeenShadow\Core\Sky\Sunlight;

/** By how many stops the Sun is fainter than overhead in a clear sky: Q is less by them. */
final class Dimming
{
    private const OVERHEAD_DEG = 90.0;

    /**
     * @param float $cloudStops what thin cloud takes, as somebody says or has measured
     *
     * @return float|null null with the Sun down
     */
    public static function stops(float $apparentAltitudeDeg, float $cloudStops = 0.0): ?float
    {
        $lux = Sunlight::directLux($apparentAltitudeDeg);

        return $lux > 0.0 ? log(Sunlight::directLux(self::OVERHEAD_DEG) / $lux, 2) + $cloudStops : null;
    }
}
