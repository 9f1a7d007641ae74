<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Event\EventReader;
use App\Domain\Kept;
use App\Domain\Site\EventPlan;
use App\Drawings\Site\ShadeDrawing;
use App\Drawings\Site\SpotCells;
use App\Drawings\ViewBox;
use App\Http\Requests\Site\PlanRequest;
use App\Http\Requests\Site\ShadeRequest;
use App\Http\Requests\Site\SightingRequest;
use App\Http\Requests\Site\SpotViewRequest;
use App\Http\Requests\Site\StepRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\Site\SitePage;
use App\Pages\Site\SpotView;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\App;
use Illuminate\View\View;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** The site plan: drawn, changed as a whole, taken back. A script asks for the changed part of the page only. */
final class PlanController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly EventReader $reader,
        private readonly Kept $kept,
    ) {}

    public function show(SpotViewRequest $request, Event $event): View
    {
        $site = $this->reader->site($event);
        $map = $request->boolean('best') ? fn(Thing $observer, ViewBox $box): SpotCells => $this->map($event, $site, $observer, $box) : null;
        $page = SitePage::of($site, EventPlan::of($event), $request->spot(), $map);

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

    /** The map of spots, which of a large plan takes a while: kept as long as the plan and the eclipse are the same. */
    private function map(Event $event, SunlitSite $site, Thing $observer, ViewBox $box): SpotCells
    {
        $inputs = [$event->uuid, $event->plan_revision_id, $site->here->eclipse->content(), $event->lat, $event->lon, $event->height_m, $observer->at(), $observer->heightM, App::getLocale()];
        /** @var array{levels: list<string>, lost: string, best: list<array{x: float, y: float, words: string}>, cellM: float} $kept */
        $kept = $this->kept->by('map', $inputs, static fn(): array => SpotCells::of($site, $observer, $box)->toArray());

        return SpotCells::fromArray($kept);
    }

    private function stepped(StepRequest $request, Event $event): View|RedirectResponse
    {
        return $request->ajax() ? $this->changed($event, $request->spot()) : redirect()->route('site.show', [$event, 'spot' => $request->spot()]);
    }

    private function changed(Event $event, ?string $spot): View
    {
        $frame = $this->frames->of($event->refresh());

        return view('site.changed', ['frame' => $frame, 'page' => SitePage::of($this->reader->site($event), EventPlan::of($event), $spot)]);
    }
}
