<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** How somebody looked, as far as they know. */
enum HowLooked: string
{
    case Glasses = 'glasses';
    case WeldingGlass = 'welding_glass';
    case Telescope = 'telescope';
    case Binoculars = 'binoculars';
    case Camera = 'camera';
    case Phone = 'phone';
    case Projection = 'projection';
    case Nothing = 'nothing';
    case SomethingElse = 'something_else';
    case NotKnown = 'not_known';
}
