<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeImmutable;
use DateTimeZone;

/** A time of day as it is typed for an event: "20:31", "20:31:40". Which day is meant is the one that brings it nearest to the maximum. */
final class TypedMoment
{
    /** Seconds within which a time that is typed may be known, as they are offered. */
    public const WITHIN_S = [1, 5, 15, 60, 300, 900];

    /** Null when it is no time, or none on that place's clock. */
    public static function parse(string $typed, DateTimeImmutable $near, DateTimeZone $zone): ?DateTimeImmutable
    {
        if (preg_match('/^([01]?\d|2[0-3])[:.]([0-5]\d)(?:[:.]([0-5]\d))?$/D', trim($typed), $found) !== 1) {
            return null;
        }
        $best = null;
        foreach (['-1 day', 'today', '+1 day'] as $day) {
            $midnight = $near->setTimezone($zone)->setTime(0, 0);
            $at = ($day === 'today' ? $midnight : $midnight->modify($day))->setTime((int) $found[1], (int) $found[2], (int) ($found[3] ?? 0));
            $isThere = $at->format('G:i') === (int) $found[1] . ':' . $found[2];
            if ($isThere && ($best === null || self::apart($at, $near) < self::apart($best, $near))) {
                $best = $at;
            }
        }

        return $best;
    }

    private static function apart(DateTimeImmutable $a, DateTimeImmutable $b): int
    {
        return abs((int) $a->format('U') - (int) $b->format('U'));
    }
}
