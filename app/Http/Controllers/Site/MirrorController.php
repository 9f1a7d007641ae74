<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Event\EventReader;
use App\Http\Requests\Site\MirrorRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Site\MirrorPage;
use Illuminate\View\View;

/** A flat mirror and the wall it throws on. */
final class MirrorController
{
    public function __invoke(MirrorRequest $request, Event $event, EventFrames $frames, EventReader $reader): View
    {
        $frame = $frames->of($event);

        return view($request->ajax() ? 'site.mirror-answer' : 'site.mirror', [
            'frame' => $frame,
            'request' => $request,
            'page' => MirrorPage::of($reader->site($event), $request->word('mirror'), $request->word('screen'), $request->length('opening_mm'), $request->length('screen_m'), $request->moment($frame->here)),
        ]);
    }
}
