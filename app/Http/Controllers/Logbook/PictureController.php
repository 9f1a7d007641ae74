<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Http\Requests\Logbook\PictureRequest;
use App\Imports\ImportException;
use App\Imports\Logbook\PictureFile;
use App\Models\Event;
use App\Models\Logbook\LogPicture;
use App\Models\StoredFile;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Pictures of an event: made anew when they come, shown, removed and brought back. */
final class PictureController
{
    public function index(Event $event, EventFrames $frames): View
    {
        return view('logbook.pictures', ['frame' => $frames->of($event), 'pictures' => $event->logPictures()->orderBy('id')->get()]);
    }

    public function store(PictureRequest $request, Event $event): RedirectResponse
    {
        if ($event->logPictures()->count() >= LogPicture::MOST_OF_AN_EVENT) {
            throw ValidationException::withMessages(['file' => __('An event has at most :most pictures.', ['most' => LogPicture::MOST_OF_AN_EVENT])]);
        }
        try {
            $clean = PictureFile::cleaned($request->upload()->getPathname());
        } catch (ImportException $e) {
            throw ValidationException::withMessages(['file' => $e->getMessage()]);
        }
        try {
            LogPicture::makeOnce($request->uuid(), ['event_id' => $event->id, 'caption' => $request->string('caption')->toString(), 'sha256' => StoredFile::keep($clean, PictureFile::MEDIA_TYPE), 'made_by' => $request->user()?->id]);
        } finally {
            unlink($clean);
        }

        return $this->back($event)->with('status', __('Saved.'));
    }

    /** Without any right to do something in a browser. */
    public function show(Event $event, LogPicture $logPicture): Response
    {
        return response($logPicture->stored->content(), 200, ['Content-Type' => $logPicture->stored->media_type, 'Content-Security-Policy' => "default-src 'none'; sandbox"]);
    }

    public function destroy(Event $event, LogPicture $logPicture): RedirectResponse
    {
        $logPicture->delete();

        return $this->back($event)->with(['status' => __('“:name” is removed.', ['name' => $logPicture->caption]), 'undo' => route('logbook.pictures.restore', [$event, $logPicture])]);
    }

    public function restore(Event $event, LogPicture $logPicture): RedirectResponse
    {
        $logPicture->restore();

        return $this->back($event)->with('status', __('“:name” is back.', ['name' => $logPicture->caption]));
    }

    private function back(Event $event): RedirectResponse
    {
        return redirect()->route('logbook.pictures', $event);
    }
}
