<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Subject;

enum ViewersSubject implements Subject
{
    case Viewer;

    public function word(Level $level): string
    {
        return match ($level) {
            Level::Yes => 'Shows the Sun',
            Level::Hold => 'Weak picture',
            Level::No => 'Shows no Sun',
        };
    }
}
