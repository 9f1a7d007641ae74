<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\RunSheet\EventSheet;
use App\Domain\RunSheet\NewCues;
use App\Http\Requests\RunSheet\SheetFileRequest;
use App\Http\Requests\RunSheet\SheetStepRequest;
use App\Http\Requests\RunSheet\TemplateRequest;
use App\Models\Event;
use App\Models\RunSheet\SheetTemplate;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\Rota;

/** Cues that an organisation keeps to use again, and run sheets that come as files. */
final class TemplateController
{
    public function __construct(private readonly SheetAnswer $answer) {}

    /** Keeps the sheet of an event under a name; of the same name the new one stays. */
    public function store(TemplateRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        SheetTemplate::query()->updateOrCreate(
            ['organisation_id' => $event->organisation_id, 'name' => $request->name()],
            ['sheet' => EventSheet::of($event)->sheet()->withRota(Rota::blank()), 'made_by' => $user->id],
        );

        return $this->answer->after($request, $event, SheetView::Cues, __('Kept as “:name”: everybody of your organisation can use it.', ['name' => $request->name()]));
    }

    public function use(SheetStepRequest $request, Event $event, SheetTemplate $sheetTemplate, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withNew(...NewCues::of($sheetTemplate->sheet)), $user);

        return $this->answer->after($request, $event, SheetView::Cues, __('The cues of “:name” are on the sheet.', ['name' => $sheetTemplate->name]));
    }

    public function destroy(Request $request, Event $event, SheetTemplate $sheetTemplate): View|RedirectResponse
    {
        $sheetTemplate->delete();

        return $this->answer->after($request, $event, SheetView::Cues, __('Removed: :name.', ['name' => $sheetTemplate->name]));
    }

    public function import(SheetFileRequest $request, Event $event, #[CurrentUser] User $user): View|RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withNew(...NewCues::of($request->sheet())), $user);

        return $this->answer->after($request, $event, SheetView::Cues, __('The cues of the file are on the sheet.'));
    }
}
