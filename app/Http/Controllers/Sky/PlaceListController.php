<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sky;

use App\Domain\Event\EventFacts;
use App\Domain\Progress;
use App\Domain\Sky\Eclipses;
use App\Domain\Workers;
use App\Exports\Download;
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
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Many places at once: a file in, a table and files of local times out. */
final class PlaceListController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly Eclipses $eclipses,
        private readonly Workers $workers,
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
            $list = PlaceList::makeOnce($request->uuid(), ['event_id' => $event->id, 'name' => $request->listName(), 'size' => count($inputs), 'content' => hash('sha256', serialize($inputs))]);
            if (!$list->wasRecentlyCreated) {
                return $list;
            }
            $rows = [];
            foreach ($inputs as $position => $place) {
                $rows[] = ['place_list_id' => $list->id, 'position' => $position, 'name' => $place->name, 'lat' => $place->lat, 'lon' => $place->lon, 'height_m' => $place->heightM];
            }
            foreach (array_chunk($rows, 1000) as $chunk) {
                ListedPlace::query()->insert($chunk);
            }
            ComputePlaces::dispatchFor($list);

            return $list;
        });

        return redirect()->route('place-lists.show', [$event, $list]);
    }

    public function show(PlaceSortRequest $request, Event $event, PlaceList $placeList): View
    {
        return view('sky.place-lists.show', ['frame' => $this->frames->of($event), 'table' => $this->page($request, $event, $placeList)]);
    }

    /** The table alone, for a page that watches the progress. */
    public function table(PlaceSortRequest $request, Event $event, PlaceList $placeList): View
    {
        return view('sky.place-lists.table', ['event' => $event, 'table' => $this->page($request, $event, $placeList)]);
    }

    /** Once more what failed. */
    public function compute(Event $event, PlaceList $placeList): RedirectResponse
    {
        ComputePlaces::dispatchFor($placeList);

        return redirect()->route('place-lists.show', [$event, $placeList]);
    }

    public function csv(Event $event, PlaceList $placeList): StreamedResponse|RedirectResponse
    {
        if ($placeList->computed() < $placeList->size) {
            return $this->unfinished($event, $placeList);
        }
        $eclipse = $this->eclipses->onDate($event->eclipse_date->format('Y-m-d'));

        return response()->stream(static function () use ($placeList, $eclipse): void {
            foreach (PlacesTable::lines($placeList, $eclipse) as $line) {
                echo $line;
            }
        }, 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => Download::disposition($placeList->name, "places-{$placeList->id}", '.csv')]);
    }

    public function calendar(Event $event, PlaceList $placeList, ListedPlace $place): Response|RedirectResponse
    {
        if ($place->computed_at === null) {
            return $this->unfinished($event, $placeList);
        }
        $there = $event->elsewhere($place->name, $place->lat, $place->lon, $place->height_m, $place->timezone ?? 'UTC')->fill(['title' => $place->name]);

        $here = $this->eclipses->at($there);

        return response(ContactsCalendar::of($there, $here, (new EventFacts($there, $here, null))->filters(), Date::now(), "site-{$place->id}"), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => Download::disposition($place->name, "site-{$place->id}", '.ics'),
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

    /** A file with blanks would be believed: it is not given. */
    private function unfinished(Event $event, PlaceList $list): RedirectResponse
    {
        return redirect()->route('place-lists.show', [$event, $list])->withErrors(['list' => __('Not all of it is computed yet; there is no file of half a list.')]);
    }

    private function page(PlaceSortRequest $request, Event $event, PlaceList $list): PlaceTable
    {
        return PlaceTable::of($list, Progress::of($list->computed(), $list->size, $list->failed_at, $this->workers), $this->eclipses->onDate($event->eclipse_date->format('Y-m-d')), $request->column(), $request->isDescending());
    }
}
