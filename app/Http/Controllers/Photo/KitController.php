<?php

declare(strict_types=1);

namespace App\Http\Controllers\Photo;

use App\Http\Requests\Photo\KitRequest;
use App\Models\Event;
use App\Models\Photo\KitItem;
use App\Pages\Event\EventFrames;
use App\Pages\Photo\KitForm;
use App\Pages\Photo\KitPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use KeenShadow\Core\Photo\Kit\KitKind;

/** What an organisation and its people have for photographs. */
final class KitController
{
    public function __construct(private readonly EventFrames $frames) {}

    public function index(Event $event): View
    {
        return view('photo.kit', ['frame' => $this->frames->of($event), 'page' => KitPage::of($event)]);
    }

    public function create(Event $event, KitKind $kitKind): View
    {
        return view('photo.kit-form', ['frame' => $this->frames->of($event), 'form' => KitForm::blank($kitKind)]);
    }

    public function store(KitRequest $request, Event $event): RedirectResponse
    {
        $item = KitItem::makeOnce($request->uuid(), $request->fields() + ['organisation_id' => $event->organisation_id]);

        return redirect()->route('photo.kit', $event)->with('status', __('Saved: :name.', ['name' => $item->name]));
    }

    public function edit(Event $event, KitItem $kitItem): View
    {
        return view('photo.kit-form', ['frame' => $this->frames->of($event), 'form' => KitForm::of($kitItem)]);
    }

    public function update(KitRequest $request, Event $event, KitItem $kitItem): RedirectResponse
    {
        $kitItem->changeFrom($request->version(), $request->fields());

        return redirect()->route('photo.kit', $event)->with('status', __('Saved: :name.', ['name' => $request->string('name')->toString()]));
    }

    public function destroy(Event $event, KitItem $kitItem): RedirectResponse
    {
        $kitItem->delete();

        return redirect()->route('photo.kit', $event)->with(['status' => __('“:name” is removed. Cameras that have it keep it.', ['name' => $kitItem->name]), 'undo' => route('photo.kit.restore', [$event, $kitItem])]);
    }

    public function restore(Event $event, KitItem $kitItem): RedirectResponse
    {
        if ($kitItem->trashed() && KitItem::ofOrganisation($kitItem->organisation_id)->where('kind', $kitItem->kind)->where('name', $kitItem->name)->exists()) {
            return redirect()->route('photo.kit', $event)->withErrors(['name' => __('There is now another “:name”: rename that one first, then undo.', ['name' => $kitItem->name])])
                ->with('undo', route('photo.kit.restore', [$event, $kitItem]));
        }
        $kitItem->restore();

        return redirect()->route('photo.kit', $event)->with('status', __('“:name” is back.', ['name' => $kitItem->name]));
    }
}
