<?php

declare(strict_types=1);

namespace App\Http\Controllers\Viewers;

use App\Domain\Sky\Eclipses;
use App\Domain\Viewers\EventLight;
use App\Exports\Viewers\ImagePicture;
use App\Http\Requests\Viewers\BeginRequest;
use App\Http\Requests\Viewers\CompareRequest;
use App\Http\Requests\Viewers\DesignRequest;
use App\Http\Requests\Viewers\ImageRequest;
use App\Http\Requests\Viewers\StartRequest;
use App\Http\Requests\Viewers\ViewerRequest;
use App\Http\Requests\Viewers\WantedRequest;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrames;
use App\Pages\Viewers\Bench;
use App\Pages\Viewers\BenchPage;
use App\Pages\Viewers\ComparePage;
use App\Pages\Viewers\StartPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Picture\BittenSun;
use KeenShadow\Core\Viewers\Picture\SimulatedImage;

final class ViewerController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly Eclipses $eclipses,
    ) {}

    public function index(StartRequest $request, Event $event): View
    {
        $frame = $this->frames->of($event);

        return view('viewers.index', ['frame' => $frame, 'page' => StartPage::of($frame, $request->atHand())]);
    }

    public function create(BeginRequest $request, Event $event): View
    {
        return $this->bench($event, null, $request->design());
    }

    public function store(ViewerRequest $request, Event $event): RedirectResponse
    {
        $viewer = Viewer::makeOnce($request->uuid(), $request->fields() + ['event_id' => $event->id]);

        return redirect()->route('viewers.show', [$event, $viewer])->with('status', __('Saved.'));
    }

    public function show(Event $event, Viewer $viewer): View
    {
        return $this->bench($event, $viewer, $viewer->design);
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

    public function compare(CompareRequest $request, Event $event): View|RedirectResponse
    {
        $viewers = $request->viewers($event);
        $frame = $this->frames->of($event);

        return count($viewers) < CompareRequest::LEAST
            ? redirect()->route('viewers.index', $event)->withErrors(['viewers' => __('Tick two to four designs to compare.')])
            : view('viewers.compare', ['frame' => $frame, 'page' => ComparePage::of($viewers, $frame)]);
    }

    /** How many are to be built for the event, and are. */
    public function wanted(WantedRequest $request, Event $event, Viewer $viewer): RedirectResponse
    {
        $viewer->forceFill(['wanted' => $request->integer('wanted'), 'built' => $request->integer('built')])->save();

        return back()->with('status', __('Saved.'));
    }

    /** The bench for a design that is being tried out; stores nothing. */
    public function preview(DesignRequest $request, Event $event): View
    {
        $frame = $this->frames->of($event);

        return view('viewers.bench', ['frame' => $frame, 'bench' => Bench::of($request->design(), $frame->here)]);
    }

    /** What stands on its screen at a moment, as a PNG. */
    public function image(ImageRequest $request, Event $event): Response
    {
        $here = $this->eclipses->at($event);
        $light = EventLight::of($here);
        $design = $request->design();
        $view = $here->at($request->moment($here));
        $picture = SimulatedImage::of(
            $design->image($light),
            $design->shape,
            $view->isSunUp() ? BittenSun::seen($view, $design->turn()) : BittenSun::covered(1.0, $design->turn()),
            $design->surroundings->strayLx($light->sunLx),
        );

        return response(ImagePicture::png($picture), 200, ['Content-Type' => 'image/png']);
    }

    private function bench(Event $event, ?Viewer $viewer, Design $design): View
    {
        $frame = $this->frames->of($event);

        return view('viewers.design', [
            'frame' => $frame,
            'viewer' => $viewer ?? new Viewer(['name' => '', 'design' => $design]),
            'page' => BenchPage::of($design, $viewer, $frame),
        ]);
    }
}
