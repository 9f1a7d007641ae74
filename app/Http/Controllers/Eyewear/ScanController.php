<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Http\Requests\Eyewear\ScanRequest;
use App\Imports\Eyewear\ScanFile;
use App\Imports\ImportException;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotScan;
use App\Pages\Event\EventFrames;
use App\Pages\Eyewear\ScansPage;
use App\Pages\Eyewear\SpectraPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Scans of a lot's lenses: added as files, shown over each other, removed and brought back. */
final class ScanController
{
    public function index(Event $event, Lot $lot, EventFrames $frames): View
    {
        return view('eyewear.scans', ['frame' => $frames->of($event), 'page' => ScansPage::of($lot)]);
    }

    /** Scans of the lots that are chosen, over each other. */
    public function several(Request $request, Event $event, EventFrames $frames): View
    {
        $asked = $request->query('lots');

        return view('eyewear.spectra', ['frame' => $frames->of($event), 'page' => SpectraPage::of($event, array_map(intval(...), array_filter(is_array($asked) ? $asked : [], is_scalar(...))))]);
    }

    public function store(ScanRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        try {
            $file = ScanFile::open($request->upload()->getPathname());
        } catch (ImportException $e) {
            throw ValidationException::withMessages(['file' => $e->getMessage()]);
        }
        if (count($file->readings) > LotScan::MOST_READINGS || $lot->scans()->count() >= LotScan::MOST_OF_A_LOT) {
            throw ValidationException::withMessages(['file' => __('A lot has at most :scans scans, each of at most :readings readings.', ['scans' => LotScan::MOST_OF_A_LOT, 'readings' => LotScan::MOST_READINGS])]);
        }
        LotScan::makeOnce($request->uuid(), [
            'lot_id' => $lot->id, 'name' => $request->string('name')->toString(), 'lens' => $request->string('lens')->toString(), 'unit' => $file->unit,
            'readings' => array_values($file->readings), 'uploaded_by' => $request->user()?->id,
        ]);

        return redirect()->route('eyewear.scans', [$event, $lot])->with('status', __('Saved.'));
    }

    public function destroy(Event $event, Lot $lot, LotScan $lotScan): RedirectResponse
    {
        abort_unless($lotScan->lot_id === $lot->id, 404);
        $lotScan->delete();

        return redirect()->route('eyewear.scans', [$event, $lot])->with(['status' => __('“:name” is removed.', ['name' => $lotScan->name]), 'undo' => route('eyewear.scans.restore', [$event, $lot, $lotScan])]);
    }

    public function restore(Event $event, Lot $lot, LotScan $lotScan): RedirectResponse
    {
        abort_unless($lotScan->lot_id === $lot->id, 404);
        $lotScan->restore();

        return redirect()->route('eyewear.scans', [$event, $lot])->with('status', __('“:name” is back.', ['name' => $lotScan->name]));
    }
}
