<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VTimeZone;

/**
 * A time zone as iCalendar has it (RFC 5545, 3.6.5), for a span of time: the offset with which the span begins, and a
 * component for every change within it. A reader that knows no zones needs nothing else.
 */
final class CalendarZone
{
    /** So that entries a little before or after the first and last instant are covered. */
    private const MARGIN = '2 days';

    public static function add(VCalendar $calendar, DateTimeZone $zone, DateTimeImmutable $first, DateTimeImmutable $last): void
    {
        // UTC needs no description.
        if ($zone->getName() === 'UTC') {
            return;
        }
        $changes = $zone->getTransitions($first->modify('-' . self::MARGIN)->getTimestamp(), $last->modify('+' . self::MARGIN)->getTimestamp());
        /** @var VTimeZone $described */
        $described = $calendar->add('VTIMEZONE', ['TZID' => $zone->getName()]);
        $before = null;
        foreach ($changes as $change) {
            $from = $before ?? $change['offset'];
            $described->add($calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                // On the clock as it ran before the change; the first holds from long ago.
                'DTSTART' => $before === null ? '19700101T000000' : gmdate('Ymd\THis', $change['ts'] + $from),
                'TZOFFSETFROM' => self::offset($from),
                'TZOFFSETTO' => self::offset($change['offset']),
                'TZNAME' => $change['abbr'],
            ], false));
            $before = $change['offset'];
        }
    }

    /** "+0530", "-0330". */
    private static function offset(int $seconds): string
    {
        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds) % 3600, 60));
    }
}
