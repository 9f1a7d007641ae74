<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Doorway;

/** Whether an eye behind a banner sees the Sun through a hole in it, and if not, why. */
enum BannerState: string
{
    case Works = 'works';
    case NotFacing = 'not_facing';
    case SunDown = 'sun_down';
    case AboveLintel = 'above_lintel';
    case BelowSill = 'below_sill';
    case PastJamb = 'past_jamb';
    case Blocked = 'blocked';
}
