<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;

/** A design as a form, or an address, carries it. */
final class DesignFields
{
    /** @return array<string, string> by the name of the field */
    public static function of(Design $design): array
    {
        return array_map(static fn(bool|float|string $value): string => is_bool($value) ? (string) (int) $value : (string) $value, array_diff_key(DesignRecord::of($design), ['kind' => 1]));
    }
}
