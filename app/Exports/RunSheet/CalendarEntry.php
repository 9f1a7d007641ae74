<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Models\Event;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

/** One entry of a calendar, with alarms; it keeps its UID whatever moves, and its SEQUENCE rises with every change of its event. */
final class CalendarEntry
{
    private const ALARMS = ['-PT5M', '-PT1M'];
    /** A moment is shown as so long; calendars know nothing shorter that can be seen. */
    private const LEAST = '+1 minute';

    /**
     * @param array{DateTimeImmutable, DateTimeImmutable} $span in the zone of the event
     * @param list<string> $lines of the description; empty ones are left out
     */
    public static function of(VCalendar $calendar, Event $event, DateTimeImmutable $stamp, string $uid, string $name, array $span, string $where, array $lines): Component
    {
        [$begins, $ends] = $span;
        $entry = $calendar->createComponent('VEVENT', [
            'UID' => "{$uid}@keen-shadow",
            'DTSTAMP' => $stamp->setTimezone(new DateTimeZone('UTC')),
            'SEQUENCE' => $event->sequence,
            'SUMMARY' => "{$name} ({$event->title})",
            'LOCATION' => $where === '' ? $event->place_name : "{$where}, {$event->place_name}",
            'DESCRIPTION' => implode("\n", array_filter($lines, static fn(string $line): bool => $line !== '')),
        ], false);
        $entry->add('DTSTART', $begins);
        $entry->add('DTEND', max($ends, $begins->modify(self::LEAST)));
        foreach (self::ALARMS as $before) {
            $entry->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => $before, 'DESCRIPTION' => $name]);
        }

        return $entry;
    }
}
