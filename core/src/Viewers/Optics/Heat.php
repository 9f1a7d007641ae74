<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

/**
 * What light that is gathered does to whatever stands in it for some seconds, by the power on each square millimetre.
 *
 * Radiation on skin and materials as fire engineers tabulate it, in kW/m²: 4 hurts skin in 20 s, 12.5 melts plastic tubes,
 * 25 sets wood on fire without a flame near (from memory). Dark things take more than pale ones.
 */
enum Heat: string
{
    case Warms = 'warms';
    case Hurts = 'hurts';
    case Melts = 'melts';
    case Scorches = 'scorches';

    public static function of(float $wattsPerMm2): self
    {
        return match (true) {
            $wattsPerMm2 >= 0.025 => self::Scorches,
            $wattsPerMm2 >= 0.0125 => self::Melts,
            $wattsPerMm2 >= 0.004 => self::Hurts,
            default => self::Warms,
        };
    }
}
