<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Kept;
use App\Domain\Sky\EclipsePaths;
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Exports\Sky\PathFeatures;
use App\Exports\Sky\PathKml;
use App\Http\Requests\Sky\PointRequest;
use App\Http\Requests\Sky\TownsRequest;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use App\Pages\Sky\SeenThere;
use App\Pages\Sky\WhereToGo;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class MapController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly Eclipses $eclipses,
    ) {}

    public function show(TownsRequest $request, Event $event, EclipsePaths $paths): View
    {
        $frame = $this->frames->of($event);

        return view('sky.map', ['frame' => $frame, 'go' => WhereToGo::of($frame->here, $paths, $request->sought())]);
    }

    /** What is seen at a point, as a piece of page. */
    public function there(PointRequest $request, Event $event, Gazetteer $places): View
    {
        return view('sky.there', [
            'there' => SeenThere::of($request->float('lat'), $request->float('lon'), $this->eclipses->at($event), $this->eclipses, $places),
        ]);
    }

    public function geoJson(Event $event, Kept $kept): Response
    {
        $eclipse = $this->eclipses->onDate($event->eclipse_date->format('Y-m-d'));
        $json = $kept->by('geojson', [$eclipse->content()], static fn(): string => json_encode(PathFeatures::of($eclipse), JSON_THROW_ON_ERROR));

        return response($json, 200, ['Content-Type' => 'application/geo+json']);
    }

    public function kml(Event $event): Response
    {
        $eclipse = $this->eclipses->onDate($event->eclipse_date->format('Y-m-d'));

        return response(PathKml::of($eclipse, $event->title), 200, [
            'Content-Type' => 'application/vnd.google-earth.kml+xml',
            'Content-Disposition' => "attachment; filename=\"path-{$eclipse->date()}.kml\"",
        ]);
    }
}
