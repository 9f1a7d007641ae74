<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Requests\Rules\MayIRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Rules\MayIPage;
use Illuminate\View\View;
use KeenShadow\Core\Rules\Inquiry\Items;

/** "May I use this?", for whoever has it in the hand. */
final class MayIController
{
    public function __invoke(MayIRequest $request, Event $event, EventFrames $frames): View
    {
        $item = $request->item();
        if ($item === null && $request->ajax()) {
            return view('rules.items', ['event' => $event, 'search' => $request->search(), 'found' => Items::found($request->search())]);
        }
        $frame = $frames->of($event);

        return $item === null
            ? view('rules.ask', ['frame' => $frame, 'search' => $request->search(), 'found' => Items::found($request->search())])
            : view('rules.may', ['frame' => $frame, 'page' => MayIPage::of($frame, $item, $request->answers())]);
    }
}
