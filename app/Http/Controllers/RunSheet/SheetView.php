<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

/** The pages on which a run sheet is changed. */
enum SheetView: string
{
    case Cues = 'cues';
    case Rotation = 'rotation';
    case Crew = 'crew';

    /** @return 'runsheet.crew'|'runsheet.rotation'|'runsheet.show' its route, and its view */
    public function route(): string
    {
        return match ($this) {
            self::Cues => 'runsheet.show',
            self::Rotation => 'runsheet.rotation',
            self::Crew => 'runsheet.crew',
        };
    }
}
