<?php

declare(strict_types=1);

namespace App\Http\Controllers\Photo;

use App\Domain\Event\EventReader;
use App\Domain\Photo\EventCameras;
use App\Http\Requests\Photo\CompositeRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Photo\CompositePage;
use Illuminate\View\View;

/** Many phases in one picture, over what stands on the site. */
final class CompositeController
{
    public function __invoke(CompositeRequest $request, Event $event, EventFrames $frames, EventReader $reader, EventCameras $cameras): View
    {
        $frame = $frames->of($event);

        return view($request->ajax() ? 'photo.composite-answer' : 'photo.composite', [
            'frame' => $frame,
            'request' => $request,
            'page' => CompositePage::of(
                $reader->site($event),
                $cameras->seen($event, $request->spot()),
                static fn(string $spot): array => $cameras->stretches($event, $spot),
                $request->spot(),
                $request->focalMm(),
                $request->number(...),
                $frame->clock,
            ),
        ]);
    }
}
