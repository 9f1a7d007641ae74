<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventSheet;
use App\Domain\Site\EventPlan;
use App\Http\Requests\RunSheet\CueRequest;
use App\Http\Requests\RunSheet\SheetStepRequest;
use App\Models\Event;
use App\Models\RunSheet\Helper;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\RunSheet\CueForm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\Sheet;

/** One cue of a run sheet, in a form. */
final class CueController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly EventReader $reader,
        private readonly SheetAnswer $answer,
    ) {}

    public function create(Event $event): View
    {
        return $this->form($event, null);
    }

    public function edit(Event $event, string $cue): View
    {
        return $this->form($event, EventSheet::of($event)->sheet()->cues[$cue] ?? abort(404));
    }

    /** A cue that is new, or one that is there: it carries its own number. */
    public function save(CueRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $cue = $request->cue();
        if ($request->boolean('frozen')) {
            // It stays where it stands, or where it would stand now.
            $was = EventSheet::of($event)->sheet()->cues[$cue->id]->frozenAt ?? null;
            $cue = $cue->frozen($was ?? Sheet::of([$cue])->placed(EventSheet::moments($this->reader->facts($event)))[0]->begins);
        }
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->with($cue), $user);

        return $this->answer->after($request, $event, SheetView::Cues, __('Saved: :name.', ['name' => $cue->name]));
    }

    public function destroy(SheetStepRequest $request, Event $event, string $cue, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->without($cue), $user);

        return $this->answer->after($request, $event, SheetView::Cues, __('Removed. Undo brings it back.'));
    }

    private function form(Event $event, ?Cue $cue): View
    {
        return view('runsheet.cue', ['frame' => $this->frames->of($event), 'form' => CueForm::of($cue, EventSheet::of($event)->revision(), EventPlan::of($event)->plan(), array_values($event->helpers()->orderBy('name')->get()->map(static fn(Helper $h): string => $h->name)->all()))]);
    }
}
