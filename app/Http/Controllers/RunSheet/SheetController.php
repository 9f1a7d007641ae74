<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventSheet;
use App\Domain\RunSheet\NewCues;
use App\Http\Requests\RunSheet\HoursRequest;
use App\Http\Requests\RunSheet\MoveRequest;
use App\Http\Requests\RunSheet\ProposeRequest;
use App\Http\Requests\RunSheet\SheetStepRequest;
use App\Models\Event;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\View\View;
use KeenShadow\Core\RunSheet\Cues\Sheet;

/** The run sheet as a whole: shown, proposed, its hours, steps back and on; a cue moved by hand. */
final class SheetController
{
    public function __construct(
        private readonly EventReader $reader,
        private readonly SheetAnswer $answer,
    ) {}

    public function show(Request $request, Event $event): View
    {
        return $this->answer->page($event, SheetView::Cues, Str::limit(is_string($request->query('q')) ? $request->query('q') : '', 80, ''));
    }

    /** Adds the usual cues that are not there yet. */
    public function propose(ProposeRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $usual = NewCues::usual($request->occasion(), $this->reader->facts($event));
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withNew(...$usual), $user);

        return $this->answer->after($request, $event, SheetView::Cues, __('The usual cues are on the sheet. Change what is different at yours.'));
    }

    public function hours(HoursRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $moments = EventSheet::moments($this->reader->facts($event));
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->open($request->clock('opens'), $request->clock('closes'), $moments), $user);

        return $this->answer->after($request, $event, SheetView::Cues, __('Saved.'));
    }

    public function move(MoveRequest $request, Event $event, string $cue, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => isset($sheet->cues[$cue]) ? $sheet->with($sheet->cues[$cue]->moved($request->integer('offset_s'), $request->integer('duration_s'))) : abort(404), $user);

        return $this->answer->after($request, $event, SheetView::Cues, __('Saved.'));
    }

    public function undo(SheetStepRequest $request, Event $event): View|RedirectResponse
    {
        EventSheet::of($event)->undo($request->from());

        return $this->answer->after($request, $event, SheetView::Cues, __('One step back.'));
    }

    public function redo(SheetStepRequest $request, Event $event): View|RedirectResponse
    {
        EventSheet::of($event)->redo($request->from());

        return $this->answer->after($request, $event, SheetView::Cues, __('One step on.'));
    }
}
