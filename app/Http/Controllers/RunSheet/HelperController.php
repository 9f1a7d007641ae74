<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Http\Requests\RunSheet\HelperRequest;
use App\Models\Event;
use App\Models\RunSheet\Helper;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Helpers of an organisation: for organisers only, and gone with all their data when they are removed. */
final class HelperController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly SheetAnswer $answer,
    ) {}

    public function create(Event $event): View
    {
        return $this->form($event, new Helper(['name' => '']));
    }

    public function store(HelperRequest $request, Event $event): View|RedirectResponse
    {
        Helper::query()->where('uuid', $request->uuid())->exists()
            ? Helper::makeOnce($request->uuid(), $request->fields() + ['organisation_id' => $event->organisation_id])
            : Helper::makeOnce($request->uuid(), $request->fields() + ['organisation_id' => $event->organisation_id, 'duty_key' => Helper::newKey()]);

        return $this->answer->after($request, $event, SheetView::Crew, __('Saved. Say below when they come.'));
    }

    public function edit(Event $event, Helper $helper): View
    {
        return $this->form($event, $helper);
    }

    public function update(HelperRequest $request, Event $event, Helper $helper): View|RedirectResponse
    {
        $helper->changeFrom($request->version(), $request->fields());

        return $this->answer->after($request, $event, SheetView::Crew, __('Saved.'));
    }

    /** A new private address; the one given before answers no more. */
    public function key(Event $event, Helper $helper): RedirectResponse
    {
        $helper->update(['duty_key' => Helper::newKey()]);

        return redirect()->route('runsheet.helpers.edit', [$event, $helper])->with('status', __('There is a new address. The one given before answers no more.'));
    }

    public function destroy(Request $request, Event $event, Helper $helper): View|RedirectResponse
    {
        $helper->delete();

        return $this->answer->after($request, $event, SheetView::Crew, __('Removed, with contact data and private address. Duties that were theirs have nobody now.'));
    }

    private function form(Event $event, Helper $helper): View
    {
        return view('runsheet.helper', ['frame' => $this->frames->of($event), 'helper' => $helper]);
    }
}
