<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** Why filters stay on, or when they need not. */
enum FilterReason: string
{
    /** The place, the eclipse or what stands in front of the Sun is not known. */
    case Unknown = 'unknown';
    /** Nothing of the eclipse comes here: the Sun is whole. */
    case NoEclipse = 'no_eclipse';
    case Partial = 'partial';
    case Annular = 'annular';
    /** Total here, but so near to the edge of the path that the Moon's uneven limb or a wrong place decides. */
    case NearEdge = 'near_edge';
    /** Total here, but with the margins taken off C2 and C3 too little is left to be used. */
    case TooShort = 'too_short';
    /** Total here while the Sun is down. */
    case BelowHorizon = 'below_horizon';
    /** Total here, behind something that stands on the site. */
    case Hidden = 'hidden';
    /** Total here and seen, and the event's policy lets nobody look at the Sun directly, in totality either. */
    case Policy = 'policy';
    /** Total here and seen, for long enough. */
    case Totality = 'totality';

    /** Id of the rule in the book on which it stands. */
    public function rule(): string
    {
        return match ($this) {
            self::Totality => 'totality',
            self::Policy => 'policy-indirect-only',
            default => 'bare-eyes',
        };
    }
}
