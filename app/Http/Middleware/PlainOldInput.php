<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What cannot be shown in a form again is not given back to it: a list where there is a single text, and a text far longer than any field. It is named at its field like any mistake. */
final class PlainOldInput
{
    private const LONGEST = 5000;
    /** How deep the fields go that are no single text. */
    private const DEPTHS = ['faults' => 1, 'training' => 1, 'signs' => 1, 'turns' => 1, 'comes' => 2, 'stations' => 2, 'rows' => 2];

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $old = $request->session()->getOldInput();
        if (is_array($old) && $old !== []) {
            $request->session()->put('_old_input', array_filter($old, static fn(mixed $value, int|string $field): bool => self::fits($value, self::DEPTHS[$field] ?? 0), ARRAY_FILTER_USE_BOTH));
        }

        return $response;
    }

    private static function fits(mixed $value, int $depth): bool
    {
        return match (true) {
            is_array($value) => $depth > 0 && array_filter($value, static fn(mixed $part): bool => !self::fits($part, $depth - 1)) === [],
            is_string($value) => strlen($value) <= self::LONGEST,
            default => true,
        };
    }
}
