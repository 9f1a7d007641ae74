<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Domain\Event\EventReader;
use App\Drawings\Audience\LightSound;
use App\Drawings\Audience\PhaseStrip;
use App\Exports\Audience\StripPdf;
use App\Exports\Download;
use App\Exports\SheetPaper;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The phases here as a strip to feel, and the light as tones to be heard. */
final class StripController
{
    public function show(Event $event, EventFrames $frames): View
    {
        $frame = $frames->of($event);

        return view('audience.strip', ['frame' => $frame, 'strip' => PhaseStrip::of($frame->here), 'sound' => LightSound::of($frame->here)]);
    }

    public function sheet(Event $event, SheetPaper $sheetPaper, EventReader $reader): Response
    {
        return Download::of($event, "-strip-{$sheetPaper->value}.pdf", 'application/pdf', StripPdf::of(PhaseStrip::of($reader->facts($event)->here), $event, $sheetPaper));
    }
}
