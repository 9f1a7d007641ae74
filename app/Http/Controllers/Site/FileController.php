<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Event\EventReader;
use App\Domain\Site\EventPlan;
use App\Exports\CsvLine;
use App\Exports\Download;
use App\Exports\Site\PlanFeatures;
use App\Exports\Site\PlanGpx;
use App\Http\Requests\Site\OutlineRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Text\SiteWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Site\Plan\SitePlan;

/** Positions and outlines from devices and files, and the plan as a file. */
final class FileController
{
    public function index(Event $event, EventFrames $frames, EventReader $reader): View
    {
        $frame = $frames->of($event);

        return view('site.files', [
            'frame' => $frame,
            'spot' => SiteWords::name($reader->site($event)->mainPlace()),
            'reading' => $event->positionReadings()->orderByDesc('id')->first(),
        ]);
    }

    public function import(OutlineRequest $request, Event $event, #[CurrentUser] User $user): RedirectResponse
    {
        EventPlan::of($event)->keep($request->plan(), $event->plan_revision_id, $user);

        return redirect()->route('site.show', $event)->with('status', __('Imported from the file. Undo removes it again; check the heights.'));
    }

    public function geoJson(Event $event): Response
    {
        return Download::of($event, '-site.geojson', 'application/geo+json', json_encode(PlanFeatures::of($this->plan($event), $this->frame($event)), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    public function gpx(Event $event): Response
    {
        return Download::of($event, '-site.gpx', 'application/gpx+xml', PlanGpx::of($event->title, $this->plan($event), $this->frame($event)));
    }

    public function horizon(Event $event): Response
    {
        $lines = array_map(static fn(array $p): string => CsvLine::of([round($p[0], 3), round($p[1], 3)]), $this->plan($event)->horizon->points);

        return Download::of($event, '-site.csv', 'text/csv', CsvLine::of(['azimuth_deg', 'altitude_deg']) . implode('', $lines));
    }

    private function plan(Event $event): SitePlan
    {
        return EventPlan::of($event)->plan();
    }

    private function frame(Event $event): LocalTangentPlane
    {
        return new LocalTangentPlane($event->lat, $event->lon);
    }
}
