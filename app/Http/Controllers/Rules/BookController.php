<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Models\Event;
use App\Pages\Event\EventFrames;
use Illuminate\View\View;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Measure;

/** The whole rule book, to be read. */
final class BookController
{
    public function __invoke(Event $event, EventFrames $frames): View
    {
        return view('rules.book', ['frame' => $frames->of($event), 'chapters' => Standard::chapters(), 'disagreements' => Disagreement::cases(), 'measures' => Measure::cases()]);
    }
}
