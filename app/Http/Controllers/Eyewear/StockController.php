<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Domain\Event\LookingGroups;
use App\Domain\Eyewear\Occasions;
use App\Domain\Eyewear\StockBook;
use App\Domain\Sky\Eclipses;
use App\Http\Requests\Eyewear\OccasionRequest;
use App\Http\Requests\Eyewear\StockEntryRequest;
use App\Models\Event;
use App\Models\Eyewear\StockEntry;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\StockPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is needed at an event and what is here; pairs that go out, come back, are lost or destroyed. */
final class StockController
{
    public function __construct(
        private readonly Eclipses $eclipses,
        private readonly LookingGroups $looking,
    ) {}

    public function show(OccasionRequest $request, Event $event, EventFrames $frames): View
    {
        $frame = $frames->of($event);

        return view('eyewear.stock', ['frame' => $frame, 'page' => StockPage::of($event, $request->occasion() ?? Occasions::next($frame->here), $this->looking)]);
    }

    public function store(StockEntryRequest $request, Event $event): RedirectResponse
    {
        /** @var array{what: string, lot_id: int|string, pairs?: int|string, group_id?: int|string|null, tag?: int|string, how?: string} $fields */
        $fields = $request->fields();
        $this->book($request, $event)->write($request->uuid(), $fields);

        return redirect()->route('eyewear.stock', $event)->with('status', __('Saved.'));
    }

    public function takeBack(Request $request, Event $event, StockEntry $stockEntry): RedirectResponse
    {
        abort_unless($stockEntry->event_id === $event->id, 404);
        $this->book($request, $event)->takeBack($stockEntry);

        return redirect()->route('eyewear.stock', $event)->with('status', __('Taken back. Both entries stay in the record.'));
    }

    private function book(Request $request, Event $event): StockBook
    {
        /** @var User $user */
        $user = $request->user();

        return new StockBook($event, Occasions::next($this->eclipses->at($event)), $user, $this->looking);
    }
}
