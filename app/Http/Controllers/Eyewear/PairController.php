<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Drawings\Eyewear\LabelSheet;
use App\Http\Requests\Eyewear\OccasionRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\LabelsPage;
use App\Pages\Eyewear\PairPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\View\View;

/** One pair by its tag: its record, its label, and the short way to it that the label's code holds. */
final class PairController
{
    public function show(OccasionRequest $request, Event $event, Lot $lot, int $tag, EventFrames $frames): View
    {
        abort_unless($tag >= 1 && $tag <= $lot->pairs, 404);
        $frame = $frames->of($event);

        return view('eyewear.pair', ['frame' => $frame, 'page' => PairPage::of($lot, $tag, $frame, $request->occasion())]);
    }

    /** At the event that comes next, or was last. */
    public function find(Lot $lot, int $tag): RedirectResponse
    {
        $events = Event::query()->where('organisation_id', $lot->organisation_id);
        $event = (clone $events)->where('eclipse_date', '>=', Date::today()->toDateString())->orderBy('eclipse_date')->first() ?? $events->orderByDesc('eclipse_date')->first();
        abort_if($event === null, 404);

        return redirect()->route('eyewear.pair', [$event, $lot, $tag]);
    }

    public function labels(Request $request, Event $event, Lot $lot, EventFrames $frames): View
    {
        $number = static fn(string $name): ?int => is_string($request->query($name)) && ctype_digit($request->query($name)) ? (int) substr($request->query($name), 0, 9) : null;
        $sheet = is_string($request->query('sheet')) ? LabelSheet::tryFrom($request->query('sheet')) : null;

        return view('eyewear.labels', ['frame' => $frames->of($event), 'page' => LabelsPage::of($lot, $sheet ?? LabelSheet::Large, $number('from'), $number('to'), $request->boolean('test'))]);
    }
}
