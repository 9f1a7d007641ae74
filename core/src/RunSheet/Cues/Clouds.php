<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

/** What becomes of a cue when clouds are called on the day. */
enum Clouds: string
{
    case GoesOn = 'goes_on';
    case FallsAway = 'falls_away';
    /** It is plan B: without clouds it is not done. */
    case OnlyThen = 'only_then';
}
