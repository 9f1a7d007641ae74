<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Event\EventReader;
use App\Http\Requests\Site\ShadowRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Site\ShadowPage;
use Illuminate\View\View;
use KeenShadow\Core\Site\Shadow\LongTube;

/** Supports and shadows over the event. */
final class ShadowController
{
    public function __invoke(ShadowRequest $request, Event $event, EventFrames $frames, EventReader $reader): View
    {
        $frame = $frames->of($event);

        return view($request->ajax() ? 'site.shadows-answer' : 'site.shadows', [
            'frame' => $frame,
            'request' => $request,
            'page' => ShadowPage::of($reader->site($event), $request->length('pole_m'), LongTube::of($request->length('tube_m'), $request->length('lower_end_m')), $request->length('prop_m')),
        ]);
    }
}
