<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** How bright the uneclipsed Sun is on a surface turned to it, under a clear sky. */
final class Sunlight
{
    /**
     * Illuminance in lux, 0 with the Sun down.
     *
     * 127.5 klx·exp(−0.21·m) (IES clear-sky direct illuminance, from memory) with the air mass m of Kasten & Young,
     * Applied Optics 28 (1989) 4735. Haze halves it easily.
     */
    public static function directLux(float $apparentAltitudeDeg): float
    {
        if ($apparentAltitudeDeg <= 0.0) {
            return 0.0;
        }
        $airMass = 1 / (sin(deg2rad($apparentAltitudeDeg)) + 0.50572 * ($apparentAltitudeDeg + 6.07995) ** -1.6364);

        return 127500 * exp(-0.21 * $airMass);
    }
}
