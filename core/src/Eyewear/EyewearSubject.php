<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Subject;

enum EyewearSubject implements Subject
{
    case Lot;
    case Pair;
    /** A build on the faces of a group. */
    case Wear;

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
            self::Wear => match ($level) {
                Level::Yes => 'Suits them',
                Level::Hold => 'Does not suit all',
                Level::No => 'Suits none',
            },
        };
    }
}
