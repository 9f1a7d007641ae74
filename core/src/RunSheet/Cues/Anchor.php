<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use KeenShadow\Core\Sky\ContactName;

/** What a cue hangs on, so that another site or another eclipse moves it. */
enum Anchor: string
{
    case C1 = 'c1';
    case C2 = 'c2';
    case Maximum = 'max';
    case C3 = 'c3';
    case C4 = 'c4';
    case Sunrise = 'sunrise';
    case Sunset = 'sunset';
    /** The whole Sun goes behind something that stands on the site, the first time while the eclipse lasts. */
    case Hidden = 'hidden';
    /** It comes out again. */
    case Clear = 'clear';
    /** A time on the clock, on the day of the maximum. */
    case Clock = 'clock';

    public function contact(): ?ContactName
    {
        return match ($this) {
            self::C1 => ContactName::C1,
            self::C2 => ContactName::C2,
            self::Maximum => ContactName::Maximum,
            self::C3 => ContactName::C3,
            self::C4 => ContactName::C4,
            default => null,
        };
    }
}
