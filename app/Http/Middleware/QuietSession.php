<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What a page asks in passing (a preview, a picture, whether anybody changed something) reads the session and leaves it as
 * it was: it may run beside a form that is just being sent, and would else wipe away what was typed and what was said of it.
 * It only counts as a sign of life.
 */
final class QuietSession extends StartSession
{
    private const SIGN_OF_LIFE_SECONDS = 60;

    /** @param Request $request */
    protected function saveSession($request): void
    {
        // Fetch Metadata Request Headers: "document" is what is shown as a page; an older browser does not say.
        if (!$request->ajax() && $request->headers->get('Sec-Fetch-Dest', 'document') === 'document') {
            parent::saveSession($request);
        } elseif (config('session.driver') === 'database') {
            $this->giveSignOfLife($request);
        }
    }

    /** Only to a session that lives: one that is over stays so, and the new one in its place is kept. */
    private function giveSignOfLife(Request $request): void
    {
        $now = Carbon::now()->getTimestamp();
        $row = DB::table('sessions')->where('id', $request->session()->getId());
        $seenAt = (clone $row)->value('last_activity');
        if (!is_int($seenAt) || $seenAt < $now - $this->getSessionLifetimeInSeconds()) {
            parent::saveSession($request);
        } elseif ($seenAt < $now - self::SIGN_OF_LIFE_SECONDS) {
            $row->update(['last_activity' => $now]);
        }
    }
}
