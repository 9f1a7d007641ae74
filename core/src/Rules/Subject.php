<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What is judged; each has its own words for the three levels. */
enum Subject: string
{
    case Lot = 'lot';
    case Pair = 'pair';
    case Viewer = 'viewer';

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
        };
    }
}
