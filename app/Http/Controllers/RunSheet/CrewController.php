<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Http\Requests\RunSheet\ComesRequest;
use App\Http\Requests\RunSheet\GoneRequest;
use App\Http\Requests\RunSheet\SheetStepRequest;
use App\Models\Event;
use App\Models\RunSheet\Helper;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rota\Wishes;

/** Who helps at an event, where they are, and what happens when somebody does not come. */
final class CrewController
{
    public function __construct(
        private readonly EventReader $reader,
        private readonly EventRotas $rotas,
        private readonly SheetAnswer $answer,
    ) {}

    public function show(Event $event): View
    {
        return $this->answer->page($event, SheetView::Crew);
    }

    public function comes(ComesRequest $request, Event $event, Helper $helper, #[CurrentUser] User $user): View|RedirectResponse
    {
        $wish = $request->wish();
        $day = $this->rotas->of($this->reader->facts($event))->day;
        if ($day !== null && $wish?->fromMin !== null && $wish->toMin !== null && $day->near($wish->toMin) <= $day->near($wish->fromMin)) {
            throw ValidationException::withMessages(['comes_to' => __('They leave after they come.')]);
        }
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->with($sheet->rota->wishes->withHelper($helper->rotaId(), $wish))), $user);

        return $this->answer->after($request, $event, SheetView::Crew, __('Saved.'));
    }

    /** Everybody of the organisation is asked who is not yet. */
    public function all(SheetStepRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $ids = $event->helpers()->get()->map(static fn(Helper $h): string => $h->rotaId())->all();
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->with(array_reduce(
            array_diff($ids, array_map(strval(...), array_keys($sheet->rota->wishes->crew))),
            static fn(Wishes $wishes, string $id): Wishes => $wishes->withHelper($id, new CrewWish()),
            $sheet->rota->wishes,
        ))), $user);

        return $this->answer->after($request, $event, SheetView::Crew, __('All are asked. Say below who comes later or leaves earlier.'));
    }

    /** Somebody does not come, or leaves: their duties go to others at once, with as few changes as can be. */
    public function gone(GoneRequest $request, Event $event, Helper $helper, #[CurrentUser] User $user): View|RedirectResponse
    {
        $facts = $this->reader->facts($event);
        EventSheet::of($event)->change($request->from(), function (Sheet $sheet) use ($facts, $request, $helper): Sheet {
            $day = $this->rotas->of($facts, $sheet)->day;
            $at = $day === null ? 0 : ($request->clockMin() === null ? $day->open->fromMin : $day->near($request->clockMin()));
            $was = $sheet->rota->wishes->crew[$helper->rotaId()] ?? new CrewWish();
            $gone = $sheet->withRota($sheet->rota->with($sheet->rota->wishes->withHelper($helper->rotaId(), new CrewWish($was->fromMin, $was->toMin, $at))));

            $rota = $this->rotas->of($facts, $gone);

            return $rota->relieved(max($at, $rota->overUntil(now())));
        }, $user);

        return $this->answer->after($request, $event, SheetView::Crew, __(':name is not there any more; their duties are with others as far as there is somebody. Undo brings back what was.', ['name' => $helper->name]));
    }

    /** Helpers found for what has none; who is at a post stays. */
    public function fill(SheetStepRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $facts = $this->reader->facts($event);
        EventSheet::of($event)->change($request->from(), function (Sheet $sheet) use ($facts): Sheet {
            $rota = $this->rotas->of($facts, $sheet);

            return $rota->relieved($rota->overUntil(now()));
        }, $user);

        return $this->answer->after($request, $event, SheetView::Crew, __('Duties that had nobody are filled as far as there is somebody. Undo brings back what was.'));
    }
}
