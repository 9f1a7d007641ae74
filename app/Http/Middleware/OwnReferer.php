<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A form that fails goes back to where it came from: to a page of ours, whoever says otherwise. */
final class OwnReferer
{
    public function handle(Request $request, Closure $next): Response
    {
        if (!str_starts_with((string) $request->headers->get('referer'), $request->getSchemeAndHttpHost() . '/')) {
            $request->headers->remove('referer');
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
