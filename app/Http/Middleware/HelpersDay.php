<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Domain\Day\Writer;
use App\Domain\Event\HelpersByKey;
use App\Domain\Event\KnownHelper;
use App\Models\Event;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use LogicException;
use Symfony\Component\HttpFoundation\Response;

/** A helper comes by their private address, to events of their organisation; nothing is said of an address that there is not. */
final readonly class HelpersDay
{
    public function __construct(private HelpersByKey $helpers) {}

    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        [$key, $id] = $route instanceof Route ? [$route->parameter('dutyKey'), $route->parameter('event')] : ['', ''];
        $helper = $this->helpers->find(is_string($key) ? $key : '');
        $event = $helper === null ? null : Event::query()->where('organisation_id', $helper->organisationId)->find($id);
        abort_if($helper === null || !$event instanceof Event || !$route instanceof Route, 404);
        $route->setParameter('event', $event);
        $request->attributes->set(self::class, $helper);
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }

    /** Who that is. */
    public static function writer(Request $request): Writer
    {
        return Writer::helper(self::helper($request));
    }

    public static function helper(Request $request): KnownHelper
    {
        $helper = $request->attributes->get(self::class);

        return $helper instanceof KnownHelper ? $helper : throw new LogicException('No route of helpers.');
    }
}
