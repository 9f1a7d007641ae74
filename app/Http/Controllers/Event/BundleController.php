<?php

declare(strict_types=1);

namespace App\Http\Controllers\Event;

use App\Domain\Kept;
use App\Domain\Sky\Eclipses;
use App\Domain\Workers;
use App\Exports\Download;
use App\Exports\Event\BundleZip;
use App\Http\Requests\Event\BundleRequest;
use App\Jobs\Event\MakeForPlaces;
use App\Models\Event;
use App\Models\Sky\BundleKind;
use App\Models\Sky\PlaceBundle;
use App\Models\User;
use App\Pages\Event\BundlesPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The run sheet of an event for a district's many places, or a kit for the teachers of each: asked for, made by the queue, one ZIP. */
final class BundleController
{
    /** What is made, alone, for a page that watches the progress. */
    public function progress(Event $event, BundleKind $bundleKind, Workers $workers): View
    {
        return view('event.bundles', ['event' => $event, 'page' => BundlesPage::of($event, $bundleKind, $workers)]);
    }

    /** The same form sent twice asks once. */
    public function store(BundleRequest $request, Event $event, #[CurrentUser] User $user): RedirectResponse
    {
        $list = $request->list() ?? abort(404);
        DB::transaction(static function () use ($request, $event, $list, $user): void {
            $bundle = PlaceBundle::makeOnce($request->string('uuid')->toString(), ['event_id' => $event->id, 'place_list_id' => $list->id, 'kind' => $request->kind(), 'paper' => $request->string('wall')->toString(), 'size' => $list->size, 'sequence' => $event->sequence, 'version' => Kept::version(), 'made_by' => $user->id]);
            if ($bundle->wasRecentlyCreated) {
                // They take room: what was made of the list before is replaced.
                $event->placeBundles()->where('place_list_id', $list->id)->where('kind', $request->kind())->whereKeyNot($bundle->id)->delete();
                MakeForPlaces::dispatchFor($bundle);
            }
        });

        return self::back($event, $request->kind());
    }

    /** Once more what failed. */
    public function again(Event $event, PlaceBundle $placeBundle): RedirectResponse
    {
        MakeForPlaces::dispatchFor($placeBundle);

        return self::back($event, $placeBundle->kind);
    }

    public function zip(Event $event, PlaceBundle $placeBundle, Eclipses $eclipses): BinaryFileResponse|RedirectResponse
    {
        if ($placeBundle->made() < $placeBundle->size) {
            return self::back($event, $placeBundle->kind)->withErrors(['list' => __('Not all is made yet; there is no file of half of it.')]);
        }
        if ($placeBundle->isOld($event, Kept::version())) {
            return self::back($event, $placeBundle->kind)->withErrors(['list' => __('The event or the program has changed since it was made: what it says of times and filters may be wrong. Make it again.')]);
        }
        $file = BundleZip::file($placeBundle, $eclipses->onDate($event->eclipse_date->format('Y-m-d')));

        return response()->file($file, ['Content-Type' => 'application/zip', 'Content-Disposition' => Download::disposition($placeBundle->placeList->name, "{$placeBundle->kind->value}-{$placeBundle->id}", "-{$placeBundle->kind->value}.zip")])->deleteFileAfterSend();
    }

    public function destroy(Event $event, PlaceBundle $placeBundle): RedirectResponse
    {
        $placeBundle->delete();

        return self::back($event, $placeBundle->kind)->with('status', __('Removed. They can be made again at any time.'));
    }

    private static function back(Event $event, BundleKind $kind): RedirectResponse
    {
        return redirect()->route($kind === BundleKind::Kit ? 'training.kit' : 'runsheet.places', $event);
    }
}
