<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Subject;

enum ViewersSubject implements Subject
{
    case Viewer;
    /** A viewer of which heat on its screen is the worst. */
    case HotViewer;
    /** A viewer that was tried against its design. */
    case Trial;

    public function word(Level $level): string
    {
        return match ([$this, $level]) {
            [self::Viewer, Level::Yes] => 'Shows the Sun',
            [self::Viewer, Level::Hold] => 'Weak picture',
            [self::Viewer, Level::No] => 'Shows no Sun',
            [self::HotViewer, Level::Yes], [self::HotViewer, Level::Hold] => 'Hot screen',
            [self::HotViewer, Level::No] => 'Burns its screen',
            [self::Trial, Level::Yes] => 'As designed',
            [self::Trial, Level::Hold], [self::Trial, Level::No] => 'Not as designed',
        };
    }
}
