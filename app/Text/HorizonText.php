<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\SiteException;

/** A far horizon as people type it: a line each of azimuth and altitude, with a space or a semicolon between. */
final class HorizonText
{
    /** @throws SiteException with the line */
    public static function read(string $text): HorizonProfile
    {
        $points = [];
        foreach (explode("\n", $text) as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            // "90 5", "90; 5", "90, 5", "90,5": a comma between whole numbers parts them, one inside a number is decimal.
            $parts = (array) preg_split('/\s*;\s*|\s*,\s+|\s+/', trim($line));
            $parts = count($parts) === 1 ? explode(',', (string) $parts[0]) : $parts;
            $numbers = array_map(static fn(mixed $part): ?float => TypedNumber::parse((string) $part), $parts);
            if (count($numbers) !== 2 || $numbers[0] === null || $numbers[1] === null) {
                throw SiteException::notAPair($i + 1, trim($line));
            }
            $points[] = [$numbers[0], $numbers[1]];
        }

        return HorizonProfile::of($points);
    }

    public static function write(HorizonProfile $profile): string
    {
        return implode("\n", array_map(static fn(array $p): string => round($p[0], 3) . ' ' . round($p[1], 3), $profile->points));
    }
}
