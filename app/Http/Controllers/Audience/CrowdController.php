<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Http\Requests\Audience\CrowdRequest;
use App\Models\Event;
use App\Pages\Audience\CrowdPage;
use App\Pages\Event\EventFrames;
use Illuminate\View\View;
use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\Yard\BestMinutes;

/** A crowd at one station, played through. */
final class CrowdController
{
    public function __invoke(CrowdRequest $request, Event $event, EventFrames $frames): View
    {
        $frame = $frames->of($event);
        $minutes = BestMinutes::of($frame->here);
        $people = $request->people((int) $event->audienceGroups()->sum('people'));
        $look = $request->number('look_s');
        $station = Station::of('', (int) $request->number('places'), ServiceTime::about($look, min($look, $request->number('spread_s'))), $request->number('hand_s'));

        return view($request->ajax() ? 'audience.crowd-answer' : 'audience.crowd', [
            'frame' => $frame,
            'request' => $request,
            'people' => $people,
            'page' => $minutes === null ? null : CrowdPage::of($frame->here, $minutes, $people, $request->coming(), $station, (int) $request->number('seed')),
        ]);
    }
}
