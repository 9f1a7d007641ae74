<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

use KeenShadow\Core\Rules\Level;

/** How a clause of the standard comes out. */
enum Outcome: string
{
    case Met = 'met';
    case NotMet = 'not_met';
    /** It hangs on a weighting, or on the doubt of the measuring. */
    case Undecided = 'undecided';
    case NotTested = 'not_tested';

    /** How it is shown among other verdicts: what nobody tested is no yes. */
    public function level(): Level
    {
        return match ($this) {
            self::Met => Level::Yes,
            self::Undecided, self::NotTested => Level::Hold,
            self::NotMet => Level::No,
        };
    }

    /** The worst of some: one that is not met, then one that is open, then one that nobody tested. */
    public static function worst(self ...$outcomes): self
    {
        foreach ([self::NotMet, self::Undecided, self::NotTested] as $outcome) {
            if (in_array($outcome, $outcomes, true)) {
                return $outcome;
            }
        }

        return self::Met;
    }
}
