<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Sky\Eclipses;
use App\Http\Requests\Sky\NextRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Sky\NextHere;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;

final class NextController
{
    public function __invoke(NextRequest $request, Event $event, EventFrames $frames, Eclipses $eclipses): View
    {
        $frame = $frames->of($event);
        $now = Date::now();

        return view('sky.next', [
            'frame' => $frame,
            'next' => NextHere::of($frame->here, $eclipses, $now, $request->toYear((int) $now->format('Y')), $request->kind(), $request->integer('least')),
        ]);
    }
}
