<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** Whether something may be used: yes; if some things are so of which nobody has said; no. */
enum Permission: string
{
    case Yes = 'yes';
    case If = 'if';
    case No = 'no';

    /** How it is shown among other verdicts. */
    public function level(): Level
    {
        return match ($this) {
            self::Yes => Level::Yes,
            self::If => Level::Hold,
            self::No => Level::No,
        };
    }

    /** In a word or two. */
    public function word(): string
    {
        return match ($this) {
            self::Yes => 'Yes',
            self::If => 'Yes, if',
            self::No => 'No',
        };
    }
}
