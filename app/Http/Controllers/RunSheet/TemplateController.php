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
use KeenShadow\Core\RunSheet\Cues\Sheet;

/** Cues that an organisation keeps to use again, and run sheets that come as files. */
final class TemplateController
{
    /** Keeps the sheet of an event under a name; of the same name the new one stays. */
    public function store(TemplateRequest $request, Event $event, #[CurrentUser] User $user): RedirectResponse
    {
        SheetTemplate::query()->updateOrCreate(
            ['organisation_id' => $event->organisation_id, 'name' => $request->name()],
            ['sheet' => EventSheet::of($event)->sheet(), 'made_by' => $user->id],
        );

        return $this->back($event, __('Kept as “:name”: everybody of your organisation can use it.', ['name' => $request->name()]));
    }

    public function use(SheetStepRequest $request, Event $event, SheetTemplate $sheetTemplate, #[CurrentUser] User $user): RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withNew(...NewCues::of($sheetTemplate->sheet)), $user);

        return $this->back($event, __('The cues of “:name” are on the sheet.', ['name' => $sheetTemplate->name]));
    }

    public function destroy(Event $event, SheetTemplate $sheetTemplate): RedirectResponse
    {
        $sheetTemplate->delete();

        return $this->back($event, __('Removed: :name.', ['name' => $sheetTemplate->name]));
    }

    public function import(SheetFileRequest $request, Event $event, #[CurrentUser] User $user): RedirectResponse
    {
        EventSheet::of($event)->change($request->from(), static fn(Sheet $sheet): Sheet => $sheet->withNew(...NewCues::of($request->sheet())), $user);

        return $this->back($event, __('The cues of the file are on the sheet.'));
    }

    private function back(Event $event, string $words): RedirectResponse
    {
        return redirect()->route('runsheet.show', $event)->with('status', $words);
    }
}
