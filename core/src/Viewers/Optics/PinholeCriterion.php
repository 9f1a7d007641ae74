<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

use KeenShadow\Core\Viewers\Light;

/** Three schools of the best hole, d = c·√(λL): where its own shadow and the bending of light balance. */
enum PinholeCriterion: string
{
    case Petzval = 'sharpest';
    case EqualBlur = 'equal';
    case Rayleigh = 'brighter';

    /**
     * Petzval's √2; 1.56, where the hole is as wide as its Airy disc, √2.44; Rayleigh, Phil. Mag. 31 (1891) 87, 1.9.
     * All from memory; see also Young, Applied Optics 10 (1971) 2763.
     */
    public function constant(): float
    {
        return match ($this) {
            self::Petzval => 1.41,
            self::EqualBlur => 1.56,
            self::Rayleigh => 1.9,
        };
    }

    public function bestHoleMm(float $distanceMm, Light $light): float
    {
        return $this->constant() * sqrt($light->wavelengthMm * $distanceMm);
    }
}
