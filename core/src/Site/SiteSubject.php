<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Subject;

enum SiteSubject implements Subject
{
    case Spot;
    case Shade;
    case Doorway;
    case Beam;

    public function word(Level $level): string
    {
        return match ($this) {
            self::Spot => match ($level) {
                Level::Yes => 'The Sun is clear',
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
