<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Rules\PocketNode;
use Illuminate\View\View;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\Inquiry\Items;

/** "May I use this?" with every way to an answer on one page, for where there is no network. */
final class PocketController
{
    public function __invoke(Event $event, EventFrames $frames): View
    {
        $frame = $frames->of($event);
        $groups = ['For the eyes' => Items::forEyes(), 'Images' => Items::images(), 'Instruments' => Items::instruments(), 'What people find at home' => Items::noFilters()];

        return view('rules.pocket', ['event' => $event, 'groups' => array_map(static fn(array $items): array => array_map(static fn(Item $item): PocketNode => PocketNode::of($frame, $item), $items), $groups), 'hasNoTotality' => $frame->hasNoTotality()]);
    }
}
