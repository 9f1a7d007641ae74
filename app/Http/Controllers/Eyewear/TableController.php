<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Exports\Download;
use App\Exports\Eyewear\ChecksTable;
use App\Exports\Eyewear\StockTable;
use App\Http\Requests\Eyewear\StockFileRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** All lots of an organisation as one table, out and in; and the record of all inspections, out. */
final class TableController
{
    public function lots(Event $event): Response
    {
        return Download::of($event, '-lots.csv', 'text/csv', StockTable::of(Lot::query()->where('organisation_id', $event->organisation_id)->with('supplier')->orderBy('label')->get()));
    }

    public function checks(Event $event): StreamedResponse
    {
        return response()->stream(static function () use ($event): void {
            foreach (ChecksTable::lines($event) as $line) {
                echo $line;
            }
        }, 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => Download::disposition($event->title, "event-{$event->id}", '-inspections.csv')]);
    }

    /** Lots that are there already as the file has them are left alone; one that says otherwise stops the whole file. */
    public function store(StockFileRequest $request, Event $event): RedirectResponse
    {
        $made = DB::transaction(static function () use ($request, $event): int {
            $there = Lot::query()->where('organisation_id', $event->organisation_id)->lockForUpdate()->get()->keyBy('label');
            $made = 0;
            foreach ($request->lots() as $lot) {
                $known = $there->get($lot->label);
                if ($known === null) {
                    $lot->organisation_id = $event->organisation_id;
                    $made += $lot->save() ? 1 : 0;
                } elseif ($known->fill($lot->getAttributes())->isDirty()) {
                    throw ValidationException::withMessages(['stock' => __('“:label” is there already and says otherwise. Change it in its own form, or take it out of the file. Nothing of the file was stored.', ['label' => $lot->label])]);
                }
            }

            return $made;
        });

        return redirect()->route('eyewear.index', $event)->with('status', trans_choice('{0} All lots of the file were there already.|{1} 1 lot is added.|[2,*] :count lots are added.', $made));
    }
}
