<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What stands at an address that is itself the key is kept by nobody on the way, found by no search, and told to no other page. */
final class PrivateAddress
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $response->headers->add(['Cache-Control' => 'private, no-cache', 'X-Robots-Tag' => 'noindex', 'Referrer-Policy' => 'no-referrer']);

        return $response;
    }
}
