<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What is judged; each has its own words for the three levels. */
enum Subject: string
{
    case Lot = 'lot';
    case Pair = 'pair';
    case Viewer = 'viewer';
    case Spot = 'spot';
    case Shade = 'shade';
    case Doorway = 'doorway';
    case Beam = 'beam';

    public function word(Level $level): string
    {
        return match ($this) {
            self::Lot => match ($level) {
                Level::Yes => 'Papers in order',
                Level::Hold => 'Hold',
                Level::No => 'Do not hand out',
            },
            self::Pair => match ($level) {
                Level::Yes => 'Fit to use',
                Level::Hold => 'Hold',
                Level::No => 'Withdraw and destroy',
            },
            self::Viewer => match ($level) {
                Level::Yes => 'Shows the Sun',
                Level::Hold => 'Weak picture',
                Level::No => 'Shows no Sun',
            },
            self::Spot => match ($level) {
                Level::Yes => 'The Sun stands clear',
                Level::Hold => 'Not all clear',
                Level::No => 'The maximum is lost',
            },
            self::Shade => match ($level) {
                Level::Yes => 'In the shade',
                Level::Hold => 'Sunny for a while',
                Level::No => 'In the sun',
            },
            self::Doorway => match ($level) {
                Level::Yes => 'Everybody sees the maximum',
                Level::Hold => 'The maximum is missed',
                Level::No => 'Does not work',
            },
            self::Beam => match ($level) {
                Level::Yes => 'The beam is free',
                Level::Hold => 'Mind the beam',
                Level::No => 'No beam there',
            },
        };
    }
}
