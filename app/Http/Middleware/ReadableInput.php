<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Text\PlainText;
use Illuminate\Foundation\Http\Middleware\TransformsRequest;
use Illuminate\Support\Str;

/**
 * Text that is no UTF-8, or holds a NUL, can be neither shown nor stored: it is refused before anything is tried, as is
 * a text longer than any field's. Every other comes as PlainText has it; passwords as they are.
 */
final class ReadableInput extends TransformsRequest
{
    private const LONGEST_BYTES = 250000;
    private const AS_THEY_ARE = ['password'];
    private const OF_LINES = ['horizon', 'position', 'points'];

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
