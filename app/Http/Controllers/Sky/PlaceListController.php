<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Sky\Eclipses;
use App\Exports\Sky\ContactsCalendar;
use App\Exports\Sky\PlacesTable;
use App\Http\Requests\Sky\PlaceListRequest;
use App\Http\Requests\Sky\PlaceSortRequest;
use App\Jobs\Sky\ComputePlaces;
use App\Models\Event;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceList;
use App\Pages\Event\EventFrames;
use App\Pages\Sky\PlaceTable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\View\View;
use KeenShadow\Core\Rules\Filters;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Many places at once: a file in, a table and files of local times out. */
final class PlaceListController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly Eclipses $eclipses,
    ) {}

    public function index(Event $event): View
    {
        return view('sky.place-lists.index', [
            'frame' => $this->frames->of($event),
            'lists' => $event->placeLists()->orderByDesc('id')->get(),
        ]);
    }

    public function store(PlaceListRequest $request, Event $event): RedirectResponse
    {
        $inputs = $request->places();
        $list = DB::transaction(static function () use ($event, $request, $inputs): PlaceList {
            $list = $event->placeLists()->create(['name' => $request->listName(), 'size' => count($inputs)]);
            $rows = [];
            foreach ($inputs as $position => $place) {
                $rows[] = ['place_list_id' => $list->id, 'position' => $position, 'name' => $place->name, 'lat' => $place->lat, 'lon' => $place->lon, 'height_m' => $place->heightM];
            }
            foreach (array_chunk($rows, 1000) as $chunk) {
                ListedPlace::query()->insert($chunk);
            }

            return $list;
        });
        ComputePlaces::dispatchFor($list);

        return redirect()->route('place-lists.show', [$event, $list]);
    }

    public function show(PlaceSortRequest $request, Event $event, PlaceList $placeList): View
    {
        return view('sky.place-lists.show', ['frame' => $this->frames->of($event), 'table' => PlaceTable::of($placeList, $this->eclipses->onDate($event->eclipse_date->format('Y-m-d')), $request->column(), $request->isDescending())]);
    }

    /** The table alone, for a page that watches the progress. */
    public function table(PlaceSortRequest $request, Event $event, PlaceList $placeList): View
    {
        return view('sky.place-lists.table', ['event' => $event, 'table' => PlaceTable::of($placeList, $this->eclipses->onDate($event->eclipse_date->format('Y-m-d')), $request->column(), $request->isDescending())]);
    }

    public function csv(Event $event, PlaceList $placeList): StreamedResponse
    {
        $eclipse = $this->eclipses->onDate($event->eclipse_date->format('Y-m-d'));

        return response()->streamDownload(static function () use ($placeList, $eclipse): void {
            foreach (PlacesTable::lines($placeList, $eclipse) as $line) {
                echo $line;
            }
        }, Str::slug($placeList->name) . '.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    public function calendar(Event $event, PlaceList $placeList, ListedPlace $place): Response
    {
        $there = $event->replicate(['id'])->forceFill([
            'id' => $event->id,
            'title' => $place->name,
            'place_name' => $place->name,
            'lat' => $place->lat,
            'lon' => $place->lon,
            'height_m' => $place->height_m,
            'timezone' => $place->timezone ?? 'UTC',
        ]);

        $here = $this->eclipses->at($there);

        return response(ContactsCalendar::of($there, $here, Filters::forPlace($here), Date::now(), "site-{$place->id}"), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug($place->name) === '' ? "site-{$place->id}" : Str::slug($place->name)) . '.ics"',
        ]);
    }

    public function destroy(Event $event, PlaceList $placeList): RedirectResponse
    {
        $placeList->delete();

        return redirect()->route('place-lists.index', $event)->with(['status' => __('“:name” is removed.', ['name' => $placeList->name]), 'undo' => route('place-lists.restore', [$event, $placeList])]);
    }

    public function restore(Event $event, PlaceList $placeList): RedirectResponse
    {
        $placeList->restore();
        // The event may have got another eclipse in between.
        ComputePlaces::recompute($placeList);

        return redirect()->route('place-lists.show', [$event, $placeList])->with('status', __('“:name” is back.', ['name' => $placeList->name]));
    }
}
