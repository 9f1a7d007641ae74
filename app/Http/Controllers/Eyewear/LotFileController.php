<?php

declare(strict_types=1);

namespace App\Http\Controllers\Eyewear;

use App\Http\Requests\Eyewear\LotFileRequest;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotFile;
use App\Models\StoredFile;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Photos of a lot's labels and its reports: added, shown so that nothing in them runs, removed and brought back. */
final class LotFileController
{
    public function store(LotFileRequest $request, Event $event, Lot $lot): RedirectResponse
    {
        $path = $request->upload()->getPathname();
        $type = StoredFile::mediaTypeOf($path);
        if ($type === null) {
            throw ValidationException::withMessages(['file' => __('This is neither a JPEG, PNG or WebP picture nor a PDF, whatever its name says.')]);
        }
        if ($lot->files()->count() >= LotFile::MOST_OF_A_LOT) {
            throw ValidationException::withMessages(['file' => __('A lot has at most :most files.', ['most' => LotFile::MOST_OF_A_LOT])]);
        }
        LotFile::makeOnce($request->uuid(), ['lot_id' => $lot->id, 'name' => $request->string('name')->toString(), 'sha256' => StoredFile::keep($path, $type), 'uploaded_by' => $request->user()?->id]);

        return $this->back($event, $lot)->with('status', __('Saved.'));
    }

    /** A picture is shown, a report is downloaded; both without any right to do something in a browser. */
    public function show(Event $event, Lot $lot, LotFile $lotFile): Response
    {
        abort_unless($lotFile->lot_id === $lot->id, 404);
        $name = Str::slug($lotFile->name) === '' ? "file-{$lotFile->id}" : Str::slug($lotFile->name);
        $ending = ['image/jpeg' => '.jpg', 'image/png' => '.png', 'image/webp' => '.webp', 'application/pdf' => '.pdf'][$lotFile->stored->media_type];

        return response($lotFile->stored->content(), 200, [
            'Content-Type' => $lotFile->stored->media_type,
            'Content-Disposition' => HeaderUtils::makeDisposition($lotFile->isPicture() ? HeaderUtils::DISPOSITION_INLINE : HeaderUtils::DISPOSITION_ATTACHMENT, $name . $ending),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }

    public function destroy(Event $event, Lot $lot, LotFile $lotFile): RedirectResponse
    {
        abort_unless($lotFile->lot_id === $lot->id, 404);
        $lotFile->delete();

        return $this->back($event, $lot)->with(['status' => __('“:name” is removed.', ['name' => $lotFile->name]), 'undo' => route('eyewear.files.restore', [$event, $lot, $lotFile])]);
    }

    public function restore(Event $event, Lot $lot, LotFile $lotFile): RedirectResponse
    {
        abort_unless($lotFile->lot_id === $lot->id, 404);
        $lotFile->restore();

        return $this->back($event, $lot)->with('status', __('“:name” is back.', ['name' => $lotFile->name]));
    }

    private function back(Event $event, Lot $lot): RedirectResponse
    {
        return redirect()->route('eyewear.papers', [$event, $lot]);
    }
}
