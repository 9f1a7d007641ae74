<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audience;

use App\Http\Requests\Audience\ChoiceRequest;
use App\Http\Requests\Audience\GroupRequest;
use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Crowd\Coming;

/** Groups of an event: added, changed, removed and brought back. */
final class GroupController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function create(Event $event): View
    {
        return $this->form($event, new AudienceGroup(['name' => '', 'band' => AgeBand::Child, 'spectacles' => 0, 'seated' => 0, 'low_vision' => 0, 'adults' => 0, 'peeks' => false, 'comes' => Coming::Evenly, 'goes_first' => false]));
    }

    public function store(GroupRequest $request, Event $event): RedirectResponse
    {
        AudienceGroup::makeOnce($request->uuid(), $request->fields() + ['event_id' => $event->id]);

        return redirect()->route('audience.index', $event)->with('status', __('Saved.'));
    }

    public function edit(Event $event, AudienceGroup $audienceGroup): View
    {
        return $this->form($event, $audienceGroup);
    }

    public function update(GroupRequest $request, Event $event, AudienceGroup $audienceGroup): RedirectResponse
    {
        $audienceGroup->changeFrom($request->version(), $request->fields());

        return redirect()->route('audience.index', $event)->with('status', __('Saved.'));
    }

    public function destroy(Event $event, AudienceGroup $audienceGroup): RedirectResponse
    {
        $audienceGroup->delete();

        return redirect()->route('audience.index', $event)->with(['status' => __('“:name” is removed.', ['name' => $audienceGroup->name]), 'undo' => route('audience.restore', [$event, $audienceGroup])]);
    }

    public function restore(Event $event, AudienceGroup $audienceGroup): RedirectResponse
    {
        if ($audienceGroup->trashed() && $event->audienceGroups()->where('name', $audienceGroup->name)->exists()) {
            return redirect()->route('audience.index', $event)->withErrors(['name' => __('There is now another “:name”: rename that one first, then undo.', ['name' => $audienceGroup->name])])
                ->with('undo', route('audience.restore', [$event, $audienceGroup]));
        }
        $audienceGroup->restore();

        return redirect()->route('audience.index', $event)->with('status', __('“:name” is back.', ['name' => $audienceGroup->name]));
    }

    /** A method chosen, or not any more; back to where the methods are compared. */
    public function choose(ChoiceRequest $request, Event $event, AudienceGroup $audienceGroup): RedirectResponse
    {
        $audienceGroup->changeFrom($request->version(), ['methods' => $request->methods($audienceGroup)]);

        return redirect()->back(fallback: route('audience.methods', $event));
    }

    private function form(Event $event, AudienceGroup $group): View
    {
        return view('audience.group', ['frame' => $this->frames->of($event), 'group' => $group]);
    }
}
