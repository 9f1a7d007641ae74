<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Domain\Event\EventReader;
use App\Domain\Event\FitPairs;
use App\Http\Requests\Audience\MeansRequest;
use App\Models\Event;
use App\Pages\Audience\MethodsPage;
use App\Pages\Event\EventFrames;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;
use KeenShadow\Core\Audience\Methods\Means;

/** Which methods for which group. */
final class MethodsController
{
    public function __invoke(MeansRequest $request, Event $event, EventFrames $frames, EventReader $reader, FitPairs $pairs): View
    {
        $frame = $frames->of($event);
        $site = $reader->site($event);
        $means = new Means(
            daysLeft: max(0, (int) Date::now()->startOfDay()->diffInDays($event->eclipse_date, false)),
            helpers: $request->helpers(),
            budget: $request->budget(),
            kit: $request->kit(),
            glassesFit: $pairs->count($event),
            isGroundPale: $site->groundTakesAnImage(),
            hasShadedWall: $request->hasShadedWall() ?? $site->hasShadedScreen(),
            sunDeg: $site->here->bestVisible()->altitudeDeg(),
            policy: $event->policy,
        );

        return view($request->ajax() ? 'audience.methods-answer' : 'audience.methods', ['frame' => $frame, 'request' => $request, 'page' => MethodsPage::of($event, $means, $site->here)]);
    }
}
