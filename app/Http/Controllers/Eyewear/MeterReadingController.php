<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Http\Requests\Eyewear\MeterReadingRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\MeterReading;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Readings of a light meter that are kept with a lot and count in its verdict: added, removed and brought back. */
final class MeterReadingController
{
    public function store(MeterReadingRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        if ($lot->meterReadings()->count() >= MeterReading::MOST_OF_A_LOT) {
            throw ValidationException::withMessages(['what' => __('A lot has at most :most readings.', ['most' => MeterReading::MOST_OF_A_LOT])]);
        }
        $fields = $request->fields();
        MeterReading::makeOnce($request->uuid(), ['lot_id' => $lot->id, 'name' => $fields['what'], 'read_by' => $request->user()?->id] + array_map(floatval(...), array_filter(array_diff_key($fields, ['what' => 1]), is_numeric(...))));

        return $this->back($event, $lot)->with('status', __('Saved.'));
    }

    public function destroy(Event $event, Lot $lot, MeterReading $meterReading): RedirectResponse
    {
        abort_unless($meterReading->lot_id === $lot->id, 404);
        $meterReading->delete();

        return $this->back($event, $lot)->with(['status' => __('“:name” is removed.', ['name' => $meterReading->name]), 'undo' => route('eyewear.readings.restore', [$event, $lot, $meterReading])]);
    }

    public function restore(Event $event, Lot $lot, MeterReading $meterReading): RedirectResponse
    {
        abort_unless($meterReading->lot_id === $lot->id, 404);
        $meterReading->restore();

        return $this->back($event, $lot)->with('status', __('“:name” is back.', ['name' => $meterReading->name]));
    }

    private function back(Event $event, Lot $lot): RedirectResponse
    {
        return redirect()->to(route('eyewear.scans', [$event, $lot]) . '#readings');
    }
}
