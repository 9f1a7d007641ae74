<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Domain\RunSheet\ShortGroups;
use App\Http\Requests\RunSheet\BellFileRequest;
use App\Http\Requests\RunSheet\SheetStepRequest;
use App\Http\Requests\RunSheet\ShiftRequest;
use App\Http\Requests\RunSheet\TurnRequest;
use App\Http\Requests\RunSheet\WishesRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\RunSheet\TurnForm;
use App\Pages\RunSheet\WhyShort;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\GroupWish;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** Groups over stations: what they go by, proposed, and turned by hand. */
final class RotationController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly EventReader $reader,
        private readonly EventRotas $rotas,
        private readonly SheetAnswer $answer,
    ) {}

    public function show(Event $event): View
    {
        return $this->answer->page($event, SheetView::Rotation);
    }

    /** Why groups are short of turns, and the least that would help. */
    public function why(Event $event, ShortGroups $short): View
    {
        $rota = $this->rotas->of($this->reader->facts($event));

        return view('runsheet.why', ['frame' => $this->frames->of($event), 'short' => WhyShort::of($rota, $short->of($rota))]);
    }

    /** Turns and duties found anew for all. */
    public function propose(SheetStepRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $facts = $this->reader->facts($event);
        EventSheet::of($event)->change($request->from(), fn(Sheet $sheet): Sheet => $this->rotas->of($facts, $sheet)->proposed(), $user);
        $isAny = EventSheet::of($event->refresh())->sheet()->rota->turns !== [];

        return $this->answer->after($request, $event, SheetView::Rotation, $isAny ? __('Turns and duties are proposed. Undo brings back what was.') : __('No turn can be had: below it says why.'));
    }

    public function wishes(WishesRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $known = $this->rotas->of($this->reader->facts($event))->names();
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->with($request->wishes($sheet->rota->wishes, $known))), $user);

        return $this->answer->after($request, $event, SheetView::Rotation, __('Saved. Turns stay as they are until new ones are proposed.'));
    }

    /** The school's timetable from a file; groups come in all of its lessons until something else is said. */
    public function bells(BellFileRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->with($sheet->rota->wishes->withBells($request->bells())->withGroups(array_map(static fn(GroupWish $g): GroupWish => new GroupWish($g->turns), $sheet->rota->wishes->groups)))), $user);

        return $this->answer->after($request, $event, SheetView::Rotation, __('The bells of the file are taken. Turns stay as they are until new ones are proposed.'));
    }

    public function create(Event $event): View
    {
        return $this->form($event, null);
    }

    public function edit(Event $event, string $turn): View
    {
        return $this->form($event, EventSheet::of($event->loadMissing('sheetRevision'))->sheet()->rota->turns[$turn] ?? abort(404));
    }

    public function save(TurnRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $rota = $this->rotas->of($this->reader->facts($event));
        $turn = $request->turn($rota) ?? throw ValidationException::withMessages(['station' => __('Choose a station of this event.')]);
        if (!isset($rota->names()[$turn->group])) {
            throw ValidationException::withMessages(['group' => __('Choose a group of this event.')]);
        }
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->withoutTurn($request->string('was')->toString())->withTurn($turn)), $user);

        return $this->answer->after($request, $event, SheetView::Rotation, __('Saved.'));
    }

    public function move(ShiftRequest $request, Event $event, string $turn, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static function (Sheet $sheet) use ($request, $turn): Sheet {
            $was = $sheet->rota->turns[$turn] ?? abort(404);
            [$start, $end] = $request->minutes($sheet->rota->wishes->stepMin);

            return $sheet->withRota($sheet->rota->withTurn(new Turn($was->group, $was->station, $start, $end)));
        }, $user);

        return $this->answer->after($request, $event, SheetView::Rotation, __('Saved.'));
    }

    public function destroy(SheetStepRequest $request, Event $event, string $turn, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->withoutTurn($turn)), $user);

        return $this->answer->after($request, $event, SheetView::Rotation, __('Removed. Undo brings it back.'));
    }

    private function form(Event $event, ?Turn $turn): View
    {
        return view('runsheet.turn', ['frame' => $this->frames->of($event), 'form' => TurnForm::of($turn, EventSheet::of($event)->revision(), $facts = $this->reader->facts($event), $this->rotas->of($facts))]);
    }
}
