<?php

declare(strict_types=1);

namespace App\Http\Controllers\Viewers;

use App\Domain\Viewers\DayLight;
use App\Http\Requests\OnceRequest;
use App\Http\Requests\Viewers\TrialRequest;
use App\Models\Event;
use App\Models\StoredFile;
use App\Models\Viewers\Viewer;
use App\Models\Viewers\ViewerTrial;
use App\Pages\Event\EventFrames;
use App\Pages\Viewers\TrialsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Viewers tried on ordinary days: written down, held against the design, taken back by another entry. */
final class TrialController
{
    public function index(Event $event, Viewer $viewer, EventFrames $frames, DayLight $light): View
    {
        return view('viewers.trials', ['frame' => $frames->of($event), 'page' => TrialsPage::of($viewer, $event, $light)]);
    }

    public function store(TrialRequest $request, Event $event, Viewer $viewer): RedirectResponse
    {
        $file = $request->upload();
        $type = $file === null ? null : StoredFile::mediaTypeOf($file->getPathname());
        ViewerTrial::makeOnce($request->uuid(), $request->fields() + [
            'viewer_id' => $viewer->id,
            'design' => $viewer->design,
            'sha256' => $file === null || $type === null ? null : StoredFile::keep($file->getPathname(), $type),
            'tried_by' => $request->user()?->id,
        ]);

        return redirect()->route('viewers.trials', [$event, $viewer])->with('status', __('Written down.'));
    }

    /** Takes an entry back by another one that points to it. */
    public function void(OnceRequest $request, Event $event, Viewer $viewer, ViewerTrial $viewerTrial): RedirectResponse
    {
        if (ViewerTrial::standing($viewer)->whereKey($viewerTrial->id)->exists()) {
            ViewerTrial::makeOnce($request->uuid(), [
                ...$viewerTrial->only(['viewer_id', 'design', 'tried_on', 'image_mm', 'uncertainty_mm']),
                'is_void' => true,
                'corrects_id' => $viewerTrial->id,
                'tried_by' => $request->user()?->id,
            ]);
        }

        return redirect()->route('viewers.trials', [$event, $viewer])->with('status', __('Taken back.'));
    }

    /** Shown without any right to do something in a browser. */
    public function photo(Event $event, Viewer $viewer, ViewerTrial $viewerTrial): Response
    {
        $photo = $viewerTrial->photo ?? abort(404);

        return response($photo->content(), 200, ['Content-Type' => $photo->media_type, 'Content-Security-Policy' => "default-src 'none'; sandbox"]);
    }
}
