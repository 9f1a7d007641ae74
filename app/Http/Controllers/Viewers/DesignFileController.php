<?php

declare(strict_types=1);

namespace App\Http\Controllers\Viewers;

use App\Domain\Sky\Eclipses;
use App\Domain\Viewers\EventLight;
use App\Exports\Download;
use App\Exports\Viewers\DesignDocument;
use App\Http\Requests\OnceRequest;
use App\Http\Requests\Viewers\DesignFileRequest;
use App\Http\Requests\Viewers\OutlineRequest;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Designs that leave, come in, and are copied. */
final class DesignFileController
{
    public function show(Event $event, Viewer $viewer, Eclipses $eclipses): Response
    {
        return Download::of($event, "-viewer-{$viewer->id}.json", 'application/json', DesignDocument::of($viewer, EventLight::of($eclipses->at($event))));
    }

    public function store(DesignFileRequest $request, Event $event): RedirectResponse
    {
        $viewer = Viewer::madeAs($request->uuid(), $event, $request->name(), $request->design());

        return redirect()->route('viewers.show', [$event, $viewer])->with('status', __('“:name” has come in.', ['name' => $viewer->name]));
    }

    /** The outlines of a drawing for the pad; stores nothing. */
    public function outline(OutlineRequest $request, Event $event): JsonResponse
    {
        return response()->json(['outline' => $request->outline()->written()]);
    }

    public function copy(OnceRequest $request, Event $event, Viewer $viewer): RedirectResponse
    {
        $copy = Viewer::madeAs($request->uuid(), $event, $viewer->name, $viewer->design);

        return redirect()->route('viewers.show', [$event, $copy])->with('status', __('This is a copy of “:name”.', ['name' => $viewer->name]));
    }
}
