<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A form that fails goes back to the page it came from; where the question in that address is longer than any page asks, without it: not every browser and proxy takes so long a header. */
final class ShortWayBack
{
    private const LONGEST_BYTES = 2000;

    public function handle(Request $request, Closure $next): Response
    {
        $referer = $request->headers->get('referer');
        if ($referer !== null && strlen($referer) > self::LONGEST_BYTES) {
            $request->headers->set('referer', self::shortened($referer));
        }
        $previous = $request->session()->previousUrl();
        if ($previous !== null && strlen($previous) > self::LONGEST_BYTES) {
            $request->session()->setPreviousUrl(self::shortened($previous));
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }

    private static function shortened(string $url): string
    {
        return substr(explode('?', $url)[0], 0, self::LONGEST_BYTES);
    }
}
