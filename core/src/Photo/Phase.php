<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** What of an eclipse is exposed for; the corona by its distance from the limb in radii of the Sun. */
enum Phase: string
{
    case Partial = 'partial';
    case Beads = 'beads';
    case Chromosphere = 'chromosphere';
    case Prominences = 'prominences';
    case Corona01 = 'corona_0_1';
    case Corona02 = 'corona_0_2';
    case Corona05 = 'corona_0_5';
    case Corona1 = 'corona_1';
    case Corona2 = 'corona_2';
    case Corona4 = 'corona_4';
    case Corona8 = 'corona_8';

    /** How bright it is, as Settings take it (the table that Espenak published with its formula; from memory). */
    public function q(FilterDensity $density): float
    {
        return match ($this) {
            self::Partial => match ($density) {
                FilterDensity::Four => 11.0,
                FilterDensity::Five => 8.0,
            },
            self::Beads => 12.0,
            self::Chromosphere => 11.0,
            self::Prominences => 9.0,
            self::Corona01 => 7.0,
            self::Corona02 => 5.0,
            self::Corona05 => 3.0,
            self::Corona1 => 1.0,
            self::Corona2 => 0.0,
            self::Corona4 => -1.0,
            self::Corona8 => -3.0,
        };
    }
}
