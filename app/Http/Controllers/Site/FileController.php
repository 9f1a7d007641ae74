<?php

declare(strict_types=1);

namespace App\Http\Controllers\Site;

use App\Domain\Event\EventReader;
use App\Domain\Kept;
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
    public function __construct(private readonly Kept $kept) {}

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
        return Download::of($event, '-site.geojson', 'application/geo+json', $this->kept('geojson', $event, static fn(SitePlan $plan, LocalTangentPlane $frame): string => json_encode(PlanFeatures::of($plan, $frame), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)));
    }

    public function gpx(Event $event): Response
    {
        return Download::of($event, '-site.gpx', 'application/gpx+xml', $this->kept('gpx', $event, static fn(SitePlan $plan, LocalTangentPlane $frame): string => PlanGpx::of($event->title, $plan, $frame)));
    }

    public function horizon(Event $event): Response
    {
        $lines = array_map(static fn(array $p): string => CsvLine::of([round($p[0], 3), round($p[1], 3)]), EventPlan::of($event)->plan()->horizon->points);

        return Download::of($event, '-site.csv', 'text/csv', CsvLine::of(['azimuth_deg', 'altitude_deg']) . implode('', $lines));
    }

    /** @param callable(SitePlan, LocalTangentPlane): string $write the file, which for a large plan takes a while: kept as long as plan, place and title are the same */
    private function kept(string $what, Event $event, callable $write): string
    {
        return $this->kept->by($what, [$event->uuid, $event->plan_revision_id, $event->lat, $event->lon, $event->title], static fn(): string => $write(EventPlan::of($event)->plan(), new LocalTangentPlane($event->lat, $event->lon)));
    }
}
