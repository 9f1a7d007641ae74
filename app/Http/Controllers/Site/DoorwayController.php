<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Http\Requests\Site\DoorwayRequest;
use App\Models\Event;
use App\Pages\EventFrame;
use App\Pages\Site\DoorwayPage;
use App\Pages\Sky\Eclipses;
use Illuminate\View\View;

/** Looking out through a banner in a doorway. */
final class DoorwayController
{
    public function __invoke(DoorwayRequest $request, Event $event, Eclipses $eclipses): View
    {
        $frame = EventFrame::of($event, $eclipses);

        return view($request->ajax() ? 'site.doorway-answer' : 'site.doorway', [
            'frame' => $frame,
            'request' => $request,
            'page' => DoorwayPage::of($frame->site, $request->word('facade'), $request->length('distance_m'), $request->eyes(), $request->moment($frame->here)),
        ]);
    }
}
