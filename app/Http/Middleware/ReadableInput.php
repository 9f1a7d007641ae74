<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Text that is no UTF-8, or holds a NUL, can be neither shown nor stored: it is refused before anything is tried. */
final class ReadableInput
{
    public function handle(Request $request, Closure $next): Response
    {
        $input = [...$request->query->all(), ...$request->request->all()];
        array_walk_recursive($input, static function (mixed $value, int|string $key): void {
            foreach ([$key, $value] as $text) {
                abort_if(is_string($text) && (!mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")), 400);
            }
        });
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
