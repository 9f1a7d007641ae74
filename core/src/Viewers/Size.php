<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/** The lengths that make a viewer, in millimetres, by the names that files and forms have for them. */
enum Size: string
{
    /** From the hole, mirror, lens or eyepiece to the screen. */
    case Distance = 'distance_mm';
    /** The hole's widest; the mirror's free opening; the stop before a lens. */
    case Hole = 'hole_mm';
    case Focal = 'focal_mm';
    case ObjectiveFocal = 'objective_focal_mm';
    case Aperture = 'aperture_mm';
    case EyepieceFocal = 'eyepiece_focal_mm';
    case Screen = 'screen_mm';
    /** Width of a figure that a pattern of holes draws. */
    case Figure = 'figure_mm';

    /** @return array{float, float} least and most: what somebody might build, and a little more */
    public function range(): array
    {
        return match ($this) {
            self::Distance => [10.0, 200000.0],
            self::Hole => [0.01, 1000.0],
            self::Focal => [20.0, 20000.0],
            self::ObjectiveFocal => [20.0, 20000.0],
            self::Aperture => [5.0, 2000.0],
            self::EyepieceFocal => [1.0, 200.0],
            self::Screen => [10.0, 10000.0],
            self::Figure => [20.0, 5000.0],
        };
    }

    /** @throws ViewerException when it is out of range, or no number */
    public function checked(float $mm): float
    {
        ViewerException::within($this->value, $mm, ...$this->range());

        return $mm;
    }
}
