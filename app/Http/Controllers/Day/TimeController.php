<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use Illuminate\Http\JsonResponse;

/** The server's clock, for a screen that compares its own with it: without session or database, for it is to be quick. */
final class TimeController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['ms' => (int) round(1000 * microtime(true))], 200, ['Cache-Control' => 'no-store']);
    }
}
