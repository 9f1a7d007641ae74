<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Change;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Verdict;

/** What the rules say, in the reader's language. */
final class RuleWords
{
    private const FOR_ALL = ['bare-eyes', 'bare-optics', 'child-watched', 'naked-eye-only', 'cloud'];

    /** A sentence of the book, which is whole in core; blank stays blank. */
    public static function sentence(string $sentence): string
    {
        return $sentence === '' ? '' : __($sentence);
    }

    /** @return list<string> rules that hold for everybody, whatever they look through */
    public static function forAll(): array
    {
        return array_map(static fn(string $id): string => self::sentence(Standard::book()->rule($id)->statement), self::FOR_ALL);
    }

    /** What to do for it to be allowed. */
    public static function change(Change $change): string
    {
        $to = match (true) {
            is_bool($change->to) => $change->to ? 'true' : 'false',
            is_float($change->to) => 'number',
            is_array($change->to) => 'none',
            default => $change->to,
        };

        return (string) trans("mends.{$change->part->value}.{$to}", ['value' => is_float($change->to) ? Numbers::decimal($change->to, 0) : '']);
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
            is_float($value) => Numbers::decimal($value, $value >= 100 ? 0 : 1),
            default => $value,
        }, $finding->values);
    }
}
