<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Http\Requests\Site\MirrorRequest;
use App\Models\Event;
use App\Pages\EventFrame;
use App\Pages\Site\MirrorPage;
use App\Pages\Sky\Eclipses;
use Illuminate\View\View;

/** A flat mirror and the wall it throws on. */
final class MirrorController
{
    public function __invoke(MirrorRequest $request, Event $event, Eclipses $eclipses): View
    {
        $frame = EventFrame::of($event, $eclipses);

        return view($request->ajax() ? 'site.mirror-answer' : 'site.mirror', [
            'frame' => $frame,
            'request' => $request,
            'page' => MirrorPage::of($frame->site, $request->word('mirror'), $request->word('screen'), $request->length('opening_mm'), $request->length('screen_m'), $request->moment($frame->here)),
        ]);
    }
}
