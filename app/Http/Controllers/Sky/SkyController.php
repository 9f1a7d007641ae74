<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Sky\Eclipses;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Sky\SkyPage;
use Illuminate\View\View;

final class SkyController
{
    public function show(Event $event, EventFrames $frames, Eclipses $eclipses): View
    {
        $frame = $frames->of($event);

        return view('sky.show', ['frame' => $frame, 'page' => SkyPage::of($event, $frame->here, $frame->filters, $eclipses)]);
    }
}
