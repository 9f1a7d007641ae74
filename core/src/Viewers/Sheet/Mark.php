<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** What is written at a place of a template. */
enum Mark: string
{
    case Hole = 'hole';
    case Window = 'window';
    case FoilOver = 'foil_over';
    case SunImage = 'sun_image';
    case HeadHere = 'head_here';
    case ScreenEnd = 'screen_end';
    case HoleEnd = 'hole_end';
    case Tube = 'tube';
    case Glue = 'glue';
    case Mirror = 'mirror';
    case Eyepiece = 'eyepiece';
    case Degrees = 'degrees';
}
