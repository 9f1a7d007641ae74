<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Domain\Event\EventReader;
use App\Domain\Event\StockAfter;
use App\Domain\Event\WantedViewers;
use App\Domain\Sky\Eclipses;
use App\Http\Requests\Logbook\TickRequest;
use App\Models\Event;
use App\Models\Logbook\AfterTick;
use App\Pages\Event\EventFrames;
use App\Pages\Logbook\AfterPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Putting away: what is done, ticked off. */
final readonly class AfterController
{
    public function show(Event $event, EventReader $reader, EventFrames $frames, StockAfter $stock, WantedViewers $viewers, Eclipses $eclipses): View
    {
        return view('logbook.after', ['frame' => $frames->of($event), 'page' => AfterPage::of($event, $reader->facts($event)->here, $stock, $viewers, $eclipses)]);
    }

    public function tick(TickRequest $request, Event $event): RedirectResponse
    {
        if ($request->state() === null) {
            AfterTick::query()->where(['event_id' => $event->id, 'item' => $request->item()])->delete();
        } else {
            AfterTick::query()->upsert([['event_id' => $event->id, 'item' => $request->item(), 'state' => $request->state(), 'ticked_by' => $request->user()?->id]], ['event_id', 'item'], ['state', 'ticked_by']);
        }

        return redirect()->to(route('logbook.after', $event) . '#' . $request->item());
    }
}
