<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Eyes;

/** What somebody says of their eyes after an eclipse. It is written down for the eye doctor; nothing is concluded from it here. */
enum EyeSign: string
{
    case Blur = 'blur';
    case DarkSpot = 'dark_spot';
    case BentLines = 'bent_lines';
    case OddColours = 'odd_colours';
    /** The outside of the eye, as after snow; the retina feels no pain. */
    case PainOrWatering = 'pain_or_watering';
    case SomethingElse = 'something_else';
}
