<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Rules\PocketBook;
use Illuminate\View\View;

/** "May I use this?" with every way to an answer on one page, for where there is no network. */
final class PocketController
{
    public function __invoke(Event $event, EventFrames $frames): View
    {
        return view('rules.pocket', ['event' => $event, 'book' => PocketBook::of($frames->of($event)), 'back' => route('day.show', $event)]);
    }
}
