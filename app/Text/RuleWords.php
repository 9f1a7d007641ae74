<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Verdict;

/** What the rules say, in the reader's language. */
final class RuleWords
{
    /** A sentence of the book, which is whole in core; blank stays blank. */
    public static function sentence(string $sentence): string
    {
        return $sentence === '' ? '' : __($sentence);
    }

    public static function verdict(Verdict $verdict): string
    {
        return __($verdict->word());
    }

    public static function reason(Finding $finding): string
    {
        return __($finding->reason, self::values($finding));
    }

    public static function nextStep(Finding $finding): string
    {
        return __($finding->nextStep, self::values($finding));
    }

    /** @return array<string, string> */
    private static function values(Finding $finding): array
    {
        return array_map(static fn(string|float|array|null $value): string => match (true) {
            $value === null => __('the horizon'),
            is_array($value) => implode(', ', $value),
            is_float($value) => Numbers::decimal($value, 1),
            default => $value,
        }, $finding->values);
    }
}
