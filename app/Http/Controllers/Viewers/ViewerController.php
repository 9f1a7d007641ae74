<?php

declare(strict_types=1);

namespace App\Http\Controllers\Viewers;

use App\Domain\Sky\Eclipses;
use App\Http\Requests\Viewers\PreviewRequest;
use App\Http\Requests\Viewers\ViewerRequest;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrames;
use App\Pages\Viewers\BoxPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use KeenShadow\Core\Viewers\ScreenSide;

final class ViewerController
{
    /** A shoe box with a hole close to its best: something that works to begin with. */
    private const FIRST = ['name' => '', 'distance_mm' => 300.0, 'hole_mm' => 0.6, 'screen_side' => ScreenSide::Front];

    public function __construct(
        private readonly EventFrames $frames,
        private readonly Eclipses $eclipses,
    ) {}

    public function index(Event $event): View
    {
        $frame = $this->frames->of($event);
        $viewers = $event->viewers()->orderBy('name')->get();

        return view('viewers.index', [
            'frame' => $frame,
            'viewers' => $viewers,
            'boxes' => $viewers->mapWithKeys(fn(Viewer $v): array => [$v->id => BoxPage::of($v->distance_mm, $v->hole_mm, $v->screen_side, $frame->here)]),
        ]);
    }

    public function create(Event $event): View
    {
        return $this->design($event, null);
    }

    public function store(ViewerRequest $request, Event $event): RedirectResponse
    {
        $viewer = Viewer::makeOnce($request->uuid(), $request->fields() + ['event_id' => $event->id]);

        return redirect()->route('viewers.show', [$event, $viewer])->with('status', __('Saved.'));
    }

    public function show(Event $event, Viewer $viewer): View
    {
        return $this->design($event, $viewer);
    }

    public function update(ViewerRequest $request, Event $event, Viewer $viewer): RedirectResponse
    {
        $viewer->changeFrom($request->version(), $request->fields());

        return redirect()->route('viewers.show', [$event, $viewer])->with('status', __('Saved.'));
    }

    public function destroy(Event $event, Viewer $viewer): RedirectResponse
    {
        $viewer->delete();

        return redirect()->route('viewers.index', $event)->with(['status' => __('“:name” is removed.', ['name' => $viewer->name]), 'undo' => route('viewers.restore', [$event, $viewer])]);
    }

    public function restore(Event $event, Viewer $viewer): RedirectResponse
    {
        if ($viewer->trashed() && $event->viewers()->where('name', $viewer->name)->exists()) {
            return redirect()->route('viewers.index', $event)->withErrors(['name' => __('There is now another “:name”: rename that one first, then undo.', ['name' => $viewer->name])])
                ->with('undo', route('viewers.restore', [$event, $viewer]));
        }
        $viewer->restore();

        return redirect()->route('viewers.show', [$event, $viewer])->with('status', __('“:name” is back.', ['name' => $viewer->name]));
    }

    /** The numbers and the picture for lengths that are being tried out; stores nothing. */
    public function preview(PreviewRequest $request, Event $event): View
    {
        return view('viewers.box', [
            'box' => BoxPage::of($request->float('distance_mm'), $request->float('hole_mm'), $request->side(), $this->eclipses->at($event)),
        ]);
    }

    private function design(Event $event, ?Viewer $viewer): View
    {
        $frame = $this->frames->of($event);
        $start = $viewer ?? new Viewer(self::FIRST);

        return view('viewers.design', [
            'frame' => $frame,
            'viewer' => $start,
            'box' => BoxPage::of($start->distance_mm, $start->hole_mm, $start->screen_side, $frame->here),
        ]);
    }
}
