<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Event\EventReader;
use App\Domain\Site\EventPlan;
use App\Drawings\Site\ShadeDrawing;
use App\Http\Requests\Site\PlanRequest;
use App\Http\Requests\Site\ShadeRequest;
use App\Http\Requests\Site\SightingRequest;
use App\Http\Requests\Site\SpotViewRequest;
use App\Http\Requests\Site\StepRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\Site\SitePages;
use App\Pages\Site\SpotView;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** The site plan: drawn, changed as a whole, taken back. A script asks for the changed part of the page only. */
final class PlanController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly EventReader $reader,
        private readonly SitePages $pages,
    ) {}

    public function show(SpotViewRequest $request, Event $event): View
    {
        $page = $this->pages->of($event, $request->spot(), $request->boolean('best'));

        return $request->ajax() ? view('site.planned', ['page' => $page, 'event' => $event]) : view('site.show', ['frame' => $this->frames->of($event), 'page' => $page]);
    }

    public function update(PlanRequest $request, Event $event, #[CurrentUser] User $user): View
    {
        EventPlan::of($event)->keep($request->plan(), $request->from(), $user);

        return $this->changed($event, $request->spot());
    }

    /** Adds what was measured from a spot. */
    public function sighting(SightingRequest $request, Event $event, #[CurrentUser] User $user): RedirectResponse
    {
        EventPlan::of($event)->keep($request->plan(), $event->plan_revision_id, $user);

        return redirect()->route('site.show', [$event, 'spot' => $request->spot()])->with('status', __('It is on the plan. Undo removes it again.'));
    }

    public function undo(StepRequest $request, Event $event): View|RedirectResponse
    {
        EventPlan::of($event)->undo($request->from());

        return $this->stepped($request, $event);
    }

    public function redo(StepRequest $request, Event $event): View|RedirectResponse
    {
        EventPlan::of($event)->redo($request->from());

        return $this->stepped($request, $event);
    }

    /** The view from a spot that is being moved; stores nothing. */
    public function spotView(SpotViewRequest $request, Event $event): View
    {
        $site = $this->reader->site($event);

        return view('site.spot-view', ['view' => SpotView::of($request->placeOn($site), $site)]);
    }

    /** Where the shade lies at a minute. */
    public function shade(ShadeRequest $request, Event $event): View
    {
        $site = $this->reader->site($event);

        return view('site.shade', ['shade' => ShadeDrawing::of($site, $request->moment($site->here))]);
    }

    private function stepped(StepRequest $request, Event $event): View|RedirectResponse
    {
        return $request->ajax() ? $this->changed($event, $request->spot()) : redirect()->route('site.show', [$event, 'spot' => $request->spot()]);
    }

    private function changed(Event $event, ?string $spot): View
    {
        $frame = $this->frames->of($event->refresh());

        return view('site.changed', ['frame' => $frame, 'page' => $this->pages->of($event, $spot)]);
    }
}
