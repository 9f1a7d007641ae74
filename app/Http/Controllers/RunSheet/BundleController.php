<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Sky\Eclipses;
use App\Domain\Workers;
use App\Exports\Download;
use App\Exports\RunSheet\BundleZip;
use App\Http\Requests\RunSheet\BundleRequest;
use App\Jobs\RunSheet\MakeSheets;
use App\Models\Event;
use App\Models\RunSheet\SheetBundle;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\RunSheet\BundlesPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The run sheet of an event for a district's many places: asked for, made by the queue, one ZIP. */
final class BundleController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly Workers $workers,
    ) {}

    public function index(Event $event): View
    {
        return view('runsheet.places', ['frame' => $this->frames->of($event), 'page' => BundlesPage::of($event, $this->workers)]);
    }

    /** What is made, alone, for a page that watches the progress. */
    public function progress(Event $event): View
    {
        return view('runsheet.bundles', ['event' => $event, 'page' => BundlesPage::of($event, $this->workers)]);
    }

    /** The same form sent twice asks once. */
    public function store(BundleRequest $request, Event $event, #[CurrentUser] User $user): RedirectResponse
    {
        $list = $request->list() ?? abort(404);
        DB::transaction(static function () use ($request, $event, $list, $user): void {
            $bundle = SheetBundle::makeOnce($request->string('uuid')->toString(), ['event_id' => $event->id, 'place_list_id' => $list->id, 'paper' => $request->string('wall')->toString(), 'size' => $list->size, 'sequence' => $event->sequence, 'made_by' => $user->id]);
            if ($bundle->wasRecentlyCreated) {
                // They take room: those that were made of the list before are replaced.
                $event->sheetBundles()->where('place_list_id', $list->id)->whereKeyNot($bundle->id)->delete();
                MakeSheets::dispatchFor($bundle);
            }
        });

        return redirect()->route('runsheet.places', $event);
    }

    /** Once more what failed. */
    public function again(Event $event, SheetBundle $sheetBundle): RedirectResponse
    {
        MakeSheets::dispatchFor($sheetBundle);

        return redirect()->route('runsheet.places', $event);
    }

    public function zip(Event $event, SheetBundle $sheetBundle, Eclipses $eclipses): BinaryFileResponse|RedirectResponse
    {
        if ($sheetBundle->made() < $sheetBundle->size) {
            return redirect()->route('runsheet.places', $event)->withErrors(['list' => __('Not all sheets are made yet; there is no file of half of them.')]);
        }
        $file = BundleZip::file($sheetBundle, $eclipses->onDate($event->eclipse_date->format('Y-m-d')));

        return response()->file($file, ['Content-Type' => 'application/zip', 'Content-Disposition' => Download::disposition($sheetBundle->placeList->name, "sheets-{$sheetBundle->id}", '.zip')])->deleteFileAfterSend();
    }

    public function destroy(Event $event, SheetBundle $sheetBundle): RedirectResponse
    {
        $sheetBundle->delete();

        return redirect()->route('runsheet.places', $event)->with('status', __('Removed. They can be made again at any time.'));
    }
}
