<?php

declare(strict_types=1);

namespace App\Http\Controllers\Photo;

use App\Domain\Photo\EventCameras;
use App\Http\Requests\Photo\PhotoPlanRequest;
use App\Http\Requests\Photo\ProgrammeRequest;
use App\Models\Event;
use App\Models\Photo\PhotoPlan;
use App\Pages\Event\EventFrames;
use App\Pages\Photo\CamerasPage;
use App\Pages\Photo\PlanAnswer;
use App\Pages\Photo\PlanPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** What each camera is to do at an event. */
final class PlanController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly EventCameras $cameras,
    ) {}

    public function index(Event $event): View
    {
        return view('photo.index', ['frame' => $frame = $this->frames->of($event), 'page' => CamerasPage::of($frame, $this->cameras)]);
    }

    public function create(Event $event): View
    {
        return view('photo.show', ['frame' => $frame = $this->frames->of($event), 'page' => PlanPage::blank($frame)]);
    }

    public function store(PhotoPlanRequest $request, Event $event): RedirectResponse
    {
        $plan = PhotoPlan::makeOnce($request->uuid(), $request->fields() + ['event_id' => $event->id]);

        return redirect()->route('photo.show', [$event, $plan])->with('status', __('Saved.'));
    }

    public function show(Event $event, PhotoPlan $photoPlan): View
    {
        return view('photo.show', ['frame' => $frame = $this->frames->of($event), 'page' => PlanPage::of($photoPlan, $frame, $this->cameras)]);
    }

    public function update(PhotoPlanRequest $request, Event $event, PhotoPlan $photoPlan): RedirectResponse
    {
        $photoPlan->changeFrom($request->version(), $request->fields());

        return redirect()->route('photo.show', [$event, $photoPlan])->with('status', __('Saved.'));
    }

    public function destroy(Event $event, PhotoPlan $photoPlan): RedirectResponse
    {
        $photoPlan->delete();

        return redirect()->route('photo.index', $event)->with(['status' => __('“:name” is removed.', ['name' => $photoPlan->name]), 'undo' => route('photo.restore', [$event, $photoPlan])]);
    }

    public function restore(Event $event, PhotoPlan $photoPlan): RedirectResponse
    {
        if ($photoPlan->trashed() && $event->photoPlans()->where('name', $photoPlan->name)->exists()) {
            return redirect()->route('photo.index', $event)->withErrors(['name' => __('There is now another “:name”: rename that one first, then undo.', ['name' => $photoPlan->name])])
                ->with('undo', route('photo.restore', [$event, $photoPlan]));
        }
        $photoPlan->restore();

        return redirect()->route('photo.show', [$event, $photoPlan])->with('status', __('“:name” is back.', ['name' => $photoPlan->name]));
    }

    /** The answer for a programme that is being tried out; stores nothing. */
    public function preview(ProgrammeRequest $request, Event $event): View
    {
        return view('photo.answer', ['frame' => $frame = $this->frames->of($event), 'answer' => PlanAnswer::of($this->cameras->plan($event, $request->outfit(), $request->programme(), $request->kit('filter')), $frame->clock)]);
    }
}
