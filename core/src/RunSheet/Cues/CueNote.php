<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

/** What is wrong with a cue where and when it stands. */
enum CueNote: string
{
    /** What it hangs on does not happen here: it has no time. */
    case NoMoment = 'no_moment';
    /** What it hangs on happens with the Sun down, and is never used for a cue: it has no time. */
    case MomentDown = 'moment_down';
    /** What it needs is not seen here then: it has no time. */
    case NotSeen = 'not_seen';
    /** It would send eyes to a Sun that shines: it has no time. */
    case EyesAtTheSun = 'eyes_at_the_sun';
    /** Something is to be seen while the Sun is down. */
    case SunDown = 'sun_down';
    /** Something is to be seen while the Sun is behind what stands on the site. */
    case SunHidden = 'sun_hidden';
    /** It begins before the event or ends after it. */
    case OutsideHours = 'outside_hours';
    /** Somebody is asked for twice at once. */
    case Clash = 'clash';
    /** It is frozen, and would stand elsewhere by now. */
    case Frozen = 'frozen';
}
