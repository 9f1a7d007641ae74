<?php

declare(strict_types=1);

namespace App\Models\Sky;

/** A file that is made of an event at one of many places, by its name. */
enum BundledFile: string
{
    case Sheet = 'run-sheet.pdf';
    case Calendar = 'run-sheet.ics';
    case Handout = 'handout.pdf';
    case HandoutLarge = 'handout-large.pdf';
    case HandoutPlain = 'handout-plain.pdf';
    case Cards = 'cards.pdf';

    public function type(): string
    {
        return $this === self::Calendar ? 'text/calendar; charset=utf-8' : 'application/pdf';
    }
}
