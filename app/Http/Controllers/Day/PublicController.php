<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Domain\Day\DayStamp;
use App\Domain\Event\EventReader;
use App\Domain\Kept;
use App\Models\Event;
use App\Pages\Day\PublicPage;
use App\Pages\Event\EventFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The page of an event for everybody: shown, opened, closed, and the sheet with the way to it. A crowd costs nothing: whatever stands before the server may keep it. */
final readonly class PublicController
{
    private const KEY_BYTES = 5;
    private const MAX_AGE_S = 60;
    private const STALE_S = 600;

    public function __construct(
        private EventReader $reader,
        private EventFrames $frames,
    ) {}

    /** Nothing is said of an address that there is not. */
    public function show(Request $request, string $publicKey): Response
    {
        $event = Event::query()->with(['planRevision'])->where('public_key', $publicKey)->firstOrFail();
        $response = new Response('', 200, ['Cache-Control' => sprintf('public, max-age=%d, stale-while-revalidate=%d', self::MAX_AGE_S, self::STALE_S)]);
        $response->setEtag(hash('xxh128', DayStamp::of($event) . Kept::version()));
        if (!$response->isNotModified($request)) {
            $response->setContent(view('day.public', ['page' => PublicPage::of($this->reader->facts($event))])->render());
        }

        return $response;
    }

    public function manage(Event $event): View
    {
        return view('day.for-all', ['frame' => $this->frames->of($event)]);
    }

    public function sheet(Event $event): View
    {
        abort_if($event->public_key === null, 404);

        return view('day.public-sheet', ['page' => PublicPage::of($this->reader->facts($event))]);
    }

    public function open(Event $event): RedirectResponse
    {
        $event->forceFill(['public_key' => $event->public_key ?? bin2hex(random_bytes(self::KEY_BYTES))])->save();

        return redirect()->route('day.for-all', $event)->with('status', __('The page is open to everybody who has its address.'));
    }

    public function close(Event $event): RedirectResponse
    {
        $event->forceFill(['public_key' => null])->save();

        return redirect()->route('day.for-all', $event)->with('status', __('The page is closed. What was kept on the way of it may still be seen for some minutes.'));
    }
}
