<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Http\Requests\Sky\NextRequest;
use App\Models\Event;
use App\Pages\EventFrame;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\NextHere;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;

final class NextController
{
    public function __invoke(NextRequest $request, Event $event, Eclipses $eclipses): View
    {
        $frame = EventFrame::of($event, $eclipses);
        $now = Date::now();

        return view('sky.next', [
            'frame' => $frame,
            'next' => NextHere::of($frame->here, $eclipses, $now, $request->toYear((int) $now->format('Y')), $request->kind(), $request->integer('least')),
        ]);
    }
}
