<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

use KeenShadow\Core\Rules\Book\Projection;
use KeenShadow\Core\Viewers\Light;

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

    private const MELTING_SUNS = 12.5;

    public static function of(float $wattsPerMm2): self
    {
        $suns = $wattsPerMm2 / (Light::SUN_W_PER_M2 * 1e-6);

        return match (true) {
            $suns >= Projection::SCORCHING_SUNS => self::Scorches,
            $suns >= self::MELTING_SUNS => self::Melts,
            $suns >= Projection::WARM_SUNS => self::Hurts,
            default => self::Warms,
        };
    }
}
