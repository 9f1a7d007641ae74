<?php

declare(strict_types=1);

namespace App\Devices\Eyewear;

/** Filters that do not exist, for the simulated devices: how much of the light each lets through. All values are invented. */
enum SampleFilter: string
{
    case Good = 'good';
    /** Sunglasses with a print on them. */
    case Fake = 'fake';
    /** Right to the eye, open to infrared. */
    case Leaky = 'leaky';
    /** A good one with a scratch in the beam. */
    case Scratched = 'scratched';

    private const SCRATCH = 2e-4;

    public function transmittance(float $nm): float
    {
        $good = $nm < 380 ? 1e-6 : ($nm < 800 ? 8e-6 * (1 + 0.2 * sin($nm / 40)) : 0.005);

        return match ($this) {
            self::Good => $good,
            self::Fake => $nm < 400 ? 0.002 : ($nm < 750 ? 0.08 : 0.6),
            self::Leaky => $nm < 780 ? $good : 0.35,
            self::Scratched => $good + self::SCRATCH,
        };
    }
}
