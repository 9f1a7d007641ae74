<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What a script asks in passing (a preview, whether anybody changed something) reads the session and leaves it as it was:
 * it may run beside a form that is just being refused, and would else wipe away what was typed and what was said against it.
 * It only counts as a sign of life.
 */
final class QuietSession extends StartSession
{
    private const SIGN_OF_LIFE_SECONDS = 60;

    /** @param Request $request */
    protected function saveSession($request): void
    {
        if (!$request->ajax()) {
            parent::saveSession($request);
        } elseif (config('session.driver') === 'database') {
            $now = Carbon::now()->getTimestamp();
            DB::table('sessions')->where('id', $request->session()->getId())->where('last_activity', '<', $now - self::SIGN_OF_LIFE_SECONDS)->update(['last_activity' => $now]);
        }
    }
}
