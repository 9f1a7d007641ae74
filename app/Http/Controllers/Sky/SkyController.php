<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Models\Event;
use App\Pages\EventFrame;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\SkyPage;
use Illuminate\View\View;

final class SkyController
{
    public function show(Event $event, Eclipses $eclipses): View
    {
        $frame = EventFrame::of($event, $eclipses);

        return view('sky.show', ['frame' => $frame, 'page' => SkyPage::of($event, $frame->here, $frame->filters, $frame->ribbon, $eclipses)]);
    }
}
