<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Exports\RunSheet\SheetCalendar;
use App\Models\Event;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The private address at which a calendar asks for a run sheet: given, answered, taken back. */
final class SubscriptionController
{
    private const KEY_BYTES = 20;
    /** A calendar may keep it so long before it asks again, seconds. */
    private const MAX_AGE_S = 300;

    /** Who has the address has the sheet; nothing is said of an address that there is not. */
    public function show(Request $request, string $calendarKey, EventReader $reader, EventRotas $rotas): Response
    {
        $event = Event::query()->with('sheetRevision')->where('calendar_key', $calendarKey)->firstOrFail();
        $calendar = SheetCalendar::of(WrittenSheet::of($facts = $reader->facts($event), $rota = WrittenRota::of($rotas->of($facts))), $rota);
        $response = response($calendar, 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=' . self::MAX_AGE_S]);
        $response->setEtag(hash('sha256', $calendar));
        $response->isNotModified($request);

        return $response;
    }

    /** A new address; one that was given before answers no more. */
    public function store(Event $event): RedirectResponse
    {
        $event->forceFill(['calendar_key' => bin2hex(random_bytes(self::KEY_BYTES))])->save();

        return redirect()->route('runsheet.show', $event)->with('status', __('There is a new address for calendars. One that was given before answers no more.'));
    }

    public function destroy(Event $event): RedirectResponse
    {
        $event->forceFill(['calendar_key' => null])->save();

        return redirect()->route('runsheet.show', $event)->with('status', __('The address for calendars answers no more.'));
    }
}
