<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Drawings\Audience\LightSound;
use App\Drawings\Audience\PhaseStrip;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use Illuminate\View\View;

/** The phases here as a strip to feel, and the light as tones to be heard. */
final class StripController
{
    public function __invoke(Event $event, EventFrames $frames): View
    {
        $frame = $frames->of($event);

        return view('audience.strip', ['frame' => $frame, 'strip' => PhaseStrip::of($frame->here), 'sound' => LightSound::of($frame->here)]);
    }
}
