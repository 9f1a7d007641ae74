<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** What a logger measures. */
enum Quantity: string
{
    /** Of the air, in °C. */
    case Temperature = 'temperature';
    /** Illuminance in lx. */
    case Light = 'light';
    /** Of the air where it stands, in hPa. */
    case Pressure = 'pressure';

    /** Below this it is no reading, but a code for none. */
    public function least(): float
    {
        return match ($this) {
            self::Temperature => -100.0,
            self::Light => 0.0,
            self::Pressure => 300.0,
        };
    }

    public function most(): float
    {
        return match ($this) {
            self::Temperature => 100.0,
            self::Light => 250000.0,
            self::Pressure => 1100.0,
        };
    }
}
