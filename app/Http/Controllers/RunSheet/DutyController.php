<?php

declare(strict_types=1);

namespace App\Http\Controllers\RunSheet;

use App\Domain\RunSheet\HelperDuties;
use App\Exports\RunSheet\DutyCalendar;
use App\Models\RunSheet\Helper;
use App\Pages\RunSheet\OwnDuties;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A helper's own duties at a private address, without an account: as a page, and for a calendar that asks by itself. */
final readonly class DutyController
{
    /** A calendar may keep it so long before it asks again, seconds. */
    private const MAX_AGE_S = 300;

    public function __construct(private HelperDuties $duties) {}

    public function show(string $dutyKey): Response
    {
        $helper = $this->helper($dutyKey);

        return response()->view('runsheet.duties', ['page' => OwnDuties::of($helper, $this->duties->of($helper)), 'key' => $dutyKey], 200, ['Cache-Control' => 'private, no-cache', 'X-Robots-Tag' => 'noindex', 'Referrer-Policy' => 'no-referrer']);
    }

    public function calendar(Request $request, string $dutyKey): Response
    {
        $helper = $this->helper($dutyKey);
        $calendar = DutyCalendar::of($helper->name, $this->duties->of($helper));
        $response = response($calendar, 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=' . self::MAX_AGE_S, 'X-Robots-Tag' => 'noindex']);
        $response->setEtag(hash('sha256', $calendar));
        $response->isNotModified($request);

        return $response;
    }

    /** Nothing is said of an address that there is not. */
    private function helper(string $dutyKey): Helper
    {
        return Helper::query()->where('duty_key', $dutyKey)->firstOrFail();
    }
}
