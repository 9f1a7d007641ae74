<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Http\Requests\RunSheet\PostRequest;
use App\Http\Requests\RunSheet\SheetStepRequest;
use App\Http\Requests\RunSheet\ShiftRequest;
use App\Http\Requests\RunSheet\SwapRequest;
use App\Models\Event;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\RunSheet\PostForm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rotation\Post;

/** One duty by hand: given, moved, exchanged for another, taken away. */
final class PostController
{
    public function __construct(
        private readonly EventFrames $frames,
        private readonly EventReader $reader,
        private readonly EventRotas $rotas,
        private readonly SheetAnswer $answer,
    ) {}

    public function create(Event $event): View
    {
        return $this->form($event, null);
    }

    public function edit(Event $event, string $post): View
    {
        abort_unless(isset(EventSheet::of($event->loadMissing('sheetRevision'))->sheet()->rota->posts[$post]), 404);

        return $this->form($event, $post);
    }

    public function save(PostRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        $rota = $this->rotas->of($this->reader->facts($event));
        $day = $rota->day ?? throw ValidationException::withMessages(['start' => __('Nothing of the eclipse is seen while the event is open.')]);
        $post = $request->duty($day);
        $names = $rota->names();
        foreach (['helper' => [$post->helper, __('Choose who.')], 'station' => [$post->station, __('Choose a station.')]] as $field => [$id, $words]) {
            if (!isset($names[$id])) {
                throw ValidationException::withMessages([$field => $words]);
            }
        }
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->withPost($request->uuid(), $post)), $user);

        return $this->answer->after($request, $event, SheetView::Crew, __('Saved.'));
    }

    public function move(ShiftRequest $request, Event $event, string $post, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static function (Sheet $sheet) use ($request, $post): Sheet {
            $was = $sheet->rota->posts[$post] ?? abort(404);
            [$start, $end] = $request->minutes($sheet->rota->wishes->stepMin);

            return $sheet->withRota($sheet->rota->withPost($post, new Post($was->helper, $was->station, $start, $end)));
        }, $user);

        return $this->answer->after($request, $event, SheetView::Crew, __('Saved.'));
    }

    public function swap(SwapRequest $request, Event $event, string $post, #[CurrentUser] User $user): View|RedirectResponse
    {
        $with = $request->string('with')->lower()->toString();
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => isset($sheet->rota->posts[$post], $sheet->rota->posts[$with])
            ? $sheet->withRota($sheet->rota->swapped($post, $with))
            : throw ValidationException::withMessages(['with' => __('One of the two duties is gone meanwhile.')]), $user);

        return $this->answer->after($request, $event, SheetView::Crew, __('Exchanged.'));
    }

    public function destroy(SheetStepRequest $request, Event $event, string $post, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->withoutPost($post)), $user);

        return $this->answer->after($request, $event, SheetView::Crew, __('Removed. Undo brings it back.'));
    }

    private function form(Event $event, ?string $post): View
    {
        return view('runsheet.post', ['frame' => $this->frames->of($event), 'form' => PostForm::of($post, EventSheet::of($event)->revision(), $facts = $this->reader->facts($event), $this->rotas->of($facts))]);
    }
}
