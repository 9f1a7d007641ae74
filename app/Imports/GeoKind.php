<?php

declare(strict_types=1);

namespace App\Imports;

/** How a thing lies in a file: a track is a line that may go around an area. */
enum GeoKind
{
    case Area;
    case Line;
    case Track;
    case Point;
}
