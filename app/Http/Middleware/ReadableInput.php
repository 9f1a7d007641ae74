<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Text\PlainText;
use Closure;
use Illuminate\Foundation\Http\Middleware\TransformsRequest;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/**
 * Text that is no UTF-8, or holds a NUL, can be neither shown nor stored: it is refused before anything is tried, as are
 * a text longer than any field's and more fields than any form's. Every other comes as PlainText has it; passwords as they are.
 */
final class ReadableInput extends TransformsRequest
{
    private const LONGEST_BYTES = 250000;
    /** A plan of 150 things has some thousand; PHP takes no more of a form. */
    private const MOST_VALUES = 1500;
    private const AS_THEY_ARE = ['password'];
    private const OF_LINES = ['horizon', 'position', 'points', 'bells', 'what', 'done', 'summary', 'went_well', 'better'];

    /**
     * @param Request $request
     */
    public function handle($request, Closure $next): mixed
    {
        abort_if(count($request->request->all(), COUNT_RECURSIVE) + count($request->query->all(), COUNT_RECURSIVE) > self::MOST_VALUES, 413);

        return parent::handle($request, $next);
    }

    /**
     * @param string $key its path
     * @param mixed $value
     */
    protected function transform($key, $value): mixed
    {
        foreach ([$key, $value] as $text) {
            abort_if(is_string($text) && (!mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")), 400);
            abort_if(is_string($text) && strlen($text) > self::LONGEST_BYTES, 413);
        }

        if (!is_string($value) || in_array($key, self::AS_THEY_ARE, true)) {
            return $value;
        }

        return in_array(Str::afterLast($key, '.'), self::OF_LINES, true) ? PlainText::ofLines($value) : PlainText::of($value);
    }
}
