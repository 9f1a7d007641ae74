<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Throwable;

/** What went wrong, on one line and without what people typed: no values of queries, no arguments, no address but the route's name. */
final class FaultLog
{
    private const MOST_FRAMES = 20;

    public static function write(Throwable $fault): void
    {
        $route = app(Request::class)->route();
        Log::error($fault::class, [
            'what' => self::what($fault),
            'where' => self::place($fault->getFile(), $fault->getLine()),
            'route' => $route instanceof Route ? $route->getName() : null,
            'trace' => array_map(
                static fn(array $frame): string => self::place($frame['file'] ?? '', $frame['line'] ?? 0) . ' ' . ($frame['class'] ?? '') . ($frame['type'] ?? '') . $frame['function'],
                array_slice($fault->getTrace(), 0, self::MOST_FRAMES),
            ),
        ]);
    }

    /** Of the database's words only the kind of error and the constraint: the rest quotes what was written. */
    private static function what(Throwable $fault): string
    {
        if (!$fault instanceof QueryException) {
            return Str::limit($fault->getMessage(), 300);
        }
        preg_match('/constraint "\w+"/', $fault->getMessage(), $constraint);

        return trim('SQLSTATE ' . $fault->getCode() . ' ' . ($constraint[0] ?? '') . ' in ' . $fault->getSql());
    }

    private static function place(string $file, int $line): string
    {
        return Str::after($file, base_path() . '/') . ':' . $line;
    }
}
