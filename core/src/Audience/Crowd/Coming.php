<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use KeenShadow\Core\Audience\AudienceException;
use Random\Randomizer;

/** How a crowd comes to something that is best at one moment. */
enum Coming: string
{
    case Evenly = 'evenly';
    case AtOnce = 'at_once';
    case Burst = 'burst';

    /** Those who come in a burst come so long before it on average, or half of the time there is. */
    private const AHEAD_S = 600.0;

    /**
     * @param float $bestS the moment, in seconds from the begin
     * @param float|null $aheadS so long before it: all at once, the first of an even stream, a burst on average; null for the begin, and for a burst the usual
     *
     * @throws AudienceException
     */
    public function arrivals(int $people, float $bestS, Randomizer $random, ?float $aheadS = null): Arrivals
    {
        $fromS = max(0.0, $bestS - ($aheadS ?? $bestS));

        return match ($this) {
            self::Evenly => Arrivals::stream($people, $fromS, $bestS, $random),
            self::AtOnce => Arrivals::atOnce($people, $fromS),
            self::Burst => Arrivals::burst($people, $bestS, $aheadS ?? min(self::AHEAD_S, $bestS / 2), $random),
        };
    }
}
