<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Domain\Workers;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether what a page needs answers: for whoever watches the server. It says which part does not, and nothing of why. */
final class UpController
{
    public function __invoke(Workers $workers): JsonResponse
    {
        $parts = [
            'database' => self::works(static fn(): bool => DB::select('select 1') !== []),
            'lists' => self::works(static fn(): bool => $workers->answer('default')),
            'readings' => self::works(static fn(): bool => $workers->answer('readings')),
            'disk' => self::works(self::diskTakesAFile(...)),
        ];

        return response()->json(array_map(static fn(bool $works): string => $works ? 'answers' : 'does not answer', $parts), in_array(false, $parts, true) ? 503 : 200, ['Cache-Control' => 'no-store']);
    }

    private static function works(callable $asked): bool
    {
        try {
            return $asked() === true;
        } catch (Throwable) {
            return false;
        }
    }

    private static function diskTakesAFile(): bool
    {
        $file = storage_path('framework/cache/up-' . bin2hex(random_bytes(6)));
        $written = @file_put_contents($file, 'up') === 2;

        return @unlink($file) && $written;
    }
}
