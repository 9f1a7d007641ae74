<?php

declare(strict_types=1);

namespace App\Http\Controllers\Photo;

use App\Domain\Event\SheetCues;
use App\Domain\Photo\CameraCues;
use App\Domain\Photo\EventCameras;
use App\Models\Event;
use App\Models\Photo\PhotoPlan;
use App\Models\User;
use App\Text\Refusals;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use KeenShadow\Core\Refusal;

/** The lines of an event's cameras on its run sheet: put there, and renewed; those of cameras that are gone go. */
final class CueController
{
    public function __invoke(Event $event, EventCameras $cameras, SheetCues $sheet, #[CurrentUser] User $user): RedirectResponse
    {
        $cues = $known = [];
        foreach (PhotoPlan::of($event)->withTrashed()->get() as $plan) {
            array_push($known, ...CameraCues::ids($plan));
            array_push($cues, ...($plan->trashed() ? [] : CameraCues::of($plan, $cameras->of($plan))));
        }
        try {
            $sheet->put($event, $cues, $known, $user);
        } catch (Refusal $e) {
            return redirect()->route('photo.index', $event)->withErrors(['cues' => Refusals::words($e)]);
        }

        return redirect()->route('photo.index', $event)->with('status', trans_choice('{0} Nothing is on the run sheet: no camera may stand there.|[1,*] :count lines are on the run sheet; it has an undo of its own.', count($cues)));
    }
}
