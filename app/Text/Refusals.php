<?php

declare(strict_types=1);

namespace App\Text;

use Illuminate\Support\Facades\Lang;
use KeenShadow\Core\Refusal;

/** What core refuses, in words: lang/…/refusals.php has them. */
final class Refusals
{
    public static function words(Refusal $refusal): string
    {
        $room = strtolower(explode('\\', $refusal::class)[2]);
        $values = array_map(static fn(string|int|float|array $value): string => PlainText::quoted(is_array($value) ? implode(', ', $value) : (string) $value), $refusal->values);
        if (isset($values['what']) && Lang::has("refusals.{$room}.what.{$values['what']}")) {
            $values['what'] = self::line("{$room}.what.{$values['what']}", $values);
        }

        return self::line("{$room}.{$refusal->reason}", $values);
    }

    /** A reason for which a receiver's line is not used, as its readings are stored with. */
    public static function ofReceiver(string $reason): string
    {
        return Lang::has("refusals.position.{$reason}") ? self::line("position.{$reason}", []) : $reason;
    }

    /** @param array<string, string> $values */
    private static function line(string $key, array $values): string
    {
        return (string) trans("refusals.{$key}", $values);
    }
}
