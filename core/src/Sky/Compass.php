<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;

/** The sixteen points of the compass. */
enum Compass: string
{
    case N = 'north';
    case NNE = 'north-north-east';
    case NE = 'north-east';
    case ENE = 'east-north-east';
    case E = 'east';
    case ESE = 'east-south-east';
    case SE = 'south-east';
    case SSE = 'south-south-east';
    case S = 'south';
    case SSW = 'south-south-west';
    case SW = 'south-west';
    case WSW = 'west-south-west';
    case W = 'west';
    case WNW = 'west-north-west';
    case NW = 'north-west';
    case NNW = 'north-north-west';

    /** The point nearest to an azimuth from north through east. */
    public static function nearest(float $azimuthDeg): self
    {
        return self::cases()[(int) round(Angle::positiveDeg($azimuthDeg) / 22.5) % 16];
    }
}
