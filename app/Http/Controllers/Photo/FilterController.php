<?php

declare(strict_types=1);

namespace App\Http\Controllers\Photo;

use App\Domain\Photo\FilterTests;
use App\Http\Requests\OnceRequest;
use App\Http\Requests\Photo\FilterCheckRequest;
use App\Http\Requests\Photo\FilterTestRequest;
use App\Models\Event;
use App\Models\Photo\FilterCheck;
use App\Models\Photo\FilterTest;
use App\Models\Photo\KitItem;
use App\Pages\Event\EventFrames;
use App\Pages\Photo\FilterPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use KeenShadow\Core\Photo\Kit\KitKind;

/** A filter before a lens: held against the Sun, and a test shot through it. What was seen is only added to. */
final class FilterController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly FilterTests $tests,
    ) {}

    public function show(Event $event, KitItem $kitItem): View
    {
        return view('photo.filter', ['frame' => $this->frames->of($event), 'page' => FilterPage::of(self::filter($kitItem), $event, $this->tests)]);
    }

    public function check(FilterCheckRequest $request, Event $event, KitItem $kitItem): RedirectResponse
    {
        FilterCheck::makeOnce($request->uuid(), ['filter_id' => self::filter($kitItem)->id, 'flaws' => $request->flaws(), 'checked_by' => $request->user()?->id]);

        return $this->back($event, $kitItem, __('Written down.'));
    }

    public function test(FilterTestRequest $request, Event $event, KitItem $kitItem): RedirectResponse
    {
        FilterTest::makeOnce($request->uuid(), $request->fields() + [
            'filter_id' => self::filter($kitItem)->id,
            'taken_at' => $request->takenAt(),
            'lat' => $event->lat,
            'lon' => $event->lon,
            'remark' => $request->filled('remark') ? $request->string('remark')->toString() : null,
            'made_by' => $request->user()?->id,
        ]);

        return $this->back($event, $kitItem, __('Written down: every camera with this filter goes by it.'));
    }

    /** Takes a test shot back by another row that points to it. */
    public function void(OnceRequest $request, Event $event, KitItem $kitItem, FilterTest $filterTest): RedirectResponse
    {
        abort_unless($filterTest->filter_id === $kitItem->id, 404);
        if (FilterTest::standing($kitItem->id)->whereKey($filterTest->id)->exists()) {
            FilterTest::makeOnce($request->uuid(), [
                ...$filterTest->only(['filter_id', 'f_number', 'iso', 'exposure_s', 'histogram', 'taken_at', 'lat', 'lon']),
                'is_void' => true,
                'corrects_id' => $filterTest->id,
                'made_by' => $request->user()?->id,
            ]);
        }

        return $this->back($event, $kitItem, __('Taken back.'));
    }

    private static function filter(KitItem $item): KitItem
    {
        return $item->kind === KitKind::Filter ? $item : abort(404);
    }

    private function back(Event $event, KitItem $item, string $words): RedirectResponse
    {
        return redirect()->route('photo.filter', [$event, $item])->with('status', $words);
    }
}
