<?php

declare(strict_types=1);

namespace App\Exports\Audience;

use App\Drawings\Audience\PhaseStrip;
use App\Exports\PlainPdf;
use App\Exports\SheetPaper;
use App\Models\Event;

/** The phases to feel on a sheet, in true size: to be cut out, or copied on swell paper. */
final class StripPdf
{
    private const A_ROW = 4;

    public static function of(PhaseStrip $strip, Event $event, SheetPaper $paper): string
    {
        $image = static fn(array $disc): string => 'data:image/svg+xml;base64,' . base64_encode(view('audience.strip-disc', ['disc' => $disc])->render());

        return PlainPdf::of(view('audience.strip-sheet', [
            'title' => $event->title,
            'about' => implode(' · ', [$event->title, $event->place_name, $strip->when]),
            'rows' => array_chunk(array_map(static fn(array $disc): array => [...$disc, 'image' => $image($disc)], $strip->discs), self::A_ROW),
        ])->render(), $paper->value);
    }
}
