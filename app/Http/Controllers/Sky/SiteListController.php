<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Sky\Eclipses;
use App\Exports\CircumstancesRecord;
use App\Exports\ContactsCalendar;
use App\Exports\CsvLine;
use App\Http\Requests\Sky\SiteListRequest;
use App\Http\Requests\Sky\SiteSortRequest;
use App\Jobs\ComputeSites;
use App\Models\Event;
use App\Models\Site;
use App\Models\SiteList;
use App\Pages\EventFrames;
use App\Pages\Sky\SiteTable;
use App\Text\Clock;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\View\View;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Many sites at once: a file in, a table and files of local times out. */
final class SiteListController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly Eclipses $eclipses,
    ) {}

    public function index(Event $event): View
    {
        return view('sites.index', [
            'frame' => $this->frames->of($event),
            'lists' => $event->siteLists()->orderByDesc('id')->get(),
        ]);
    }

    public function store(SiteListRequest $request, Event $event): RedirectResponse
    {
        $inputs = $request->sites();
        $list = DB::transaction(static function () use ($event, $request, $inputs): SiteList {
            $list = $event->siteLists()->create(['name' => $request->listName(), 'size' => count($inputs)]);
            $rows = [];
            foreach ($inputs as $position => $site) {
                $rows[] = ['site_list_id' => $list->id, 'position' => $position, 'name' => $site->name, 'lat' => $site->lat, 'lon' => $site->lon, 'height_m' => $site->heightM];
            }
            foreach (array_chunk($rows, 1000) as $chunk) {
                Site::query()->insert($chunk);
            }

            return $list;
        });
        ComputeSites::dispatchFor($list);

        return redirect()->route('sites.show', [$event, $list]);
    }

    public function show(SiteSortRequest $request, Event $event, SiteList $siteList): View
    {
        return view('sites.show', ['frame' => $this->frames->of($event), 'table' => SiteTable::of($siteList, $this->eclipses->onDate($event->eclipse_date->format('Y-m-d')), $request->column(), $request->isDescending())]);
    }

    /** The table alone, for a page that watches the progress. */
    public function table(SiteSortRequest $request, Event $event, SiteList $siteList): View
    {
        return view('sites.table', ['event' => $event, 'table' => SiteTable::of($siteList, $this->eclipses->onDate($event->eclipse_date->format('Y-m-d')), $request->column(), $request->isDescending())]);
    }

    public function csv(Event $event, SiteList $siteList): StreamedResponse
    {
        $eclipse = $this->eclipses->onDate($event->eclipse_date->format('Y-m-d'));

        return response()->streamDownload(static function () use ($siteList, $eclipse): void {
            echo CsvLine::of([...CircumstancesRecord::KEYS, ...CircumstancesRecord::LOCAL_KEYS]);
            foreach ($siteList->sites()->orderBy('position')->lazy(1000) as $site) {
                $c = $eclipse->circumstances($site->observer());
                $zone = new DateTimeZone($site->timezone ?? 'UTC');
                $local = array_map(static function (ContactName $name) use ($c, $zone): ?string {
                    $contact = $c->contact($name);

                    return $contact === null ? null : Clock::nearestSecond($contact->time())->setTimezone($zone)->format('Y-m-d H:i:s');
                }, ContactName::cases());
                $record = CircumstancesRecord::of($site->name, $eclipse->date(), $site->observer(), $c, Filters::of($eclipse, $site->observer(), $c));
                echo CsvLine::of([...array_values($record), $zone->getName(), ...$local]);
            }
        }, Str::slug($siteList->name) . '.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    public function calendar(Event $event, SiteList $siteList, Site $site): Response
    {
        $there = $event->replicate(['id'])->forceFill([
            'id' => $event->id,
            'title' => $site->name,
            'place_name' => $site->name,
            'lat' => $site->lat,
            'lon' => $site->lon,
            'height_m' => $site->height_m,
            'timezone' => $site->timezone ?? 'UTC',
        ]);

        $here = $this->eclipses->at($there);

        return response(ContactsCalendar::of($there, $here, Filters::forPlace($here), Date::now(), "site-{$site->id}"), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug($site->name) === '' ? "site-{$site->id}" : Str::slug($site->name)) . '.ics"',
        ]);
    }

    public function destroy(Event $event, SiteList $siteList): RedirectResponse
    {
        $siteList->delete();

        return redirect()->route('sites.index', $event)->with(['status' => __('“:name” is removed.', ['name' => $siteList->name]), 'undo' => route('sites.restore', [$event, $siteList])]);
    }

    public function restore(Event $event, SiteList $siteList): RedirectResponse
    {
        $siteList->restore();
        // The event may have got another eclipse in between.
        ComputeSites::recompute($siteList);

        return redirect()->route('sites.show', [$event, $siteList])->with('status', __('“:name” is back.', ['name' => $siteList->name]));
    }
}
