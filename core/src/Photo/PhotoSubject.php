<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Subject;

enum PhotoSubject implements Subject
{
    /** A camera with all that belongs to it, and what it is to do. */
    case Camera;

    public function word(Level $level): string
    {
        return match ($level) {
            Level::Yes => 'Ready',
            Level::Hold => 'Not ready yet',
            Level::No => 'Takes no pictures',
        };
    }
}
