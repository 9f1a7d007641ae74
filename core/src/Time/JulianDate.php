<?php

declare(strict_types=1);

namespace KeenShadow\Core\Time;

use DateTimeImmutable;
use DateTimeZone;

/** Julian dates to and from calendar instants. A float holds a Julian date of our time to 0.04 ms. */
final class JulianDate
{
    public const J2000 = 2451545.0;
    public const UNIX_EPOCH = 2440587.5;

    public static function fromDateTime(DateTimeImmutable $moment): float
    {
        // Before 1970 the seconds are negative while the fraction still counts forward: never read "U.u" as one number.
        return self::UNIX_EPOCH + ((int) $moment->format('U') + (int) $moment->format('u') / 1e6) / 86400;
    }

    /** The instant, in UTC, to the nearest microsecond. */
    public static function toDateTime(float $julianDate): DateTimeImmutable
    {
        return self::fromUnix(($julianDate - self::UNIX_EPOCH) * 86400);
    }

    /** Julian centuries since J2000. */
    public static function centuries(float $julianDate): float
    {
        return ($julianDate - self::J2000) / 36525;
    }

    /** The calendar year with its fraction, good to a day. */
    public static function year(float $julianDate): float
    {
        return 2000 + ($julianDate - self::J2000) / 365.25;
    }

    private static function fromUnix(float $seconds): DateTimeImmutable
    {
        $whole = floor($seconds);
        $micro = (int) round(($seconds - $whole) * 1e6);
        $base = (new DateTimeImmutable('@' . (int) $whole))->setTimezone(new DateTimeZone('UTC'));

        return $base->modify(sprintf('+%d microseconds', $micro));
    }
}
