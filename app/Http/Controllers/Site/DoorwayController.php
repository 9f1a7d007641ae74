<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Event\EventReader;
use App\Http\Requests\Site\DoorwayRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Site\DoorwayPage;
use Illuminate\View\View;

/** Looking out through a banner in a doorway. */
final class DoorwayController
{
    public function __invoke(DoorwayRequest $request, Event $event, EventFrames $frames, EventReader $reader): View
    {
        $frame = $frames->of($event);

        return view($request->ajax() ? 'site.doorway-answer' : 'site.doorway', [
            'frame' => $frame,
            'request' => $request,
            'page' => DoorwayPage::of($reader->site($event), $request->word('facade'), $request->length('distance_m'), $request->eyes(), $request->moment($frame->here)),
        ]);
    }
}
