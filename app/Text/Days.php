<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeInterface;
use IntlDateFormatter;

/** Days as people write them in their language, by the zone that a moment carries. */
final class Days
{
    /** "2 Aug". */
    public static function inYear(DateTimeInterface $day): string
    {
        return self::format($day, 'd MMM');
    }

    /** "2 Aug 2027". */
    public static function short(DateTimeInterface $day): string
    {
        return self::format($day, 'd MMM y');
    }

    /** "2 August 2027". */
    public static function long(DateTimeInterface $day): string
    {
        return self::format($day, 'd MMMM y');
    }

    /** "Monday 2 August 2027". */
    public static function full(DateTimeInterface $day): string
    {
        return self::format($day, 'EEEE d MMMM y');
    }

    private static function format(DateTimeInterface $day, string $pattern): string
    {
        /** @var array<string, IntlDateFormatter> $formatters they are slow to make */
        static $formatters = [];
        $language = app()->getLocale();
        $formatter = $formatters["{$language} {$pattern}"] ??= new IntlDateFormatter($language, pattern: $pattern);
        $formatter->setTimeZone($day->getTimezone());

        return (string) $formatter->format($day);
    }
}
