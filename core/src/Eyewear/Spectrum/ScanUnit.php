<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

/** What a scan's readings are; the values are the names of their columns. */
enum ScanUnit: string
{
    case Transmittance = 'transmittance';
    case TransmittancePercent = 'transmittance_percent';
    case OpticalDensity = 'optical_density';

    /** As a fraction of the light. */
    public function fraction(float $reading): float
    {
        return match ($this) {
            self::Transmittance => $reading,
            self::TransmittancePercent => $reading / 100,
            self::OpticalDensity => 10 ** -$reading,
        };
    }
}
