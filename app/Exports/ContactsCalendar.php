<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Event;
use App\Pages\Sky\ContactRow;
use App\Pages\Sky\LocalEclipse;
use App\Pages\Sky\SkyAnswer;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Sky\Contact;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VTimeZone;

/** The contacts of an event as iCalendar (RFC 5545): one entry each in the event's zone, with alarms before it. */
final class ContactsCalendar
{
    private const ALARMS = ['-PT10M', '-PT1M'];

    /** @param string|null $key what the entries' UIDs begin with; the event's number by default */
    public static function of(Event $event, LocalEclipse $here, DateTimeImmutable $now, ?string $key = null): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Keen Shadow//Contacts//EN', 'X-WR-CALNAME' => $event->title]);
        self::addZone($calendar, $here);
        foreach ($here->circumstances->contacts() as $contact) {
            if ($contact->view->isSunUp()) {
                self::addContact($calendar, $event, $here, $contact, $now, $key ?? "event-{$event->id}");
            }
        }

        return $calendar->serialize();
    }

    private static function addContact(VCalendar $calendar, Event $event, LocalEclipse $here, Contact $contact, DateTimeImmutable $now, string $key): void
    {
        $row = ContactRow::of($contact, $here);
        // Calendars count whole seconds.
        $start = $here->local($contact->time()->modify('+500 milliseconds'));
        $entry = $calendar->createComponent('VEVENT', [
            'UID' => "{$key}-{$contact->name->value}@keen-shadow",
            'DTSTAMP' => $now->setTimezone(new DateTimeZone('UTC')),
            'SUMMARY' => "{$row->name}: {$row->meaning} ({$event->title})",
            'LOCATION' => $event->place_name,
            'DESCRIPTION' => SkyAnswer::of($here)->headline . "\n" . __(':time local, :utc UTC, :doubt; Sun :altitude up, azimuth :azimuth', [
                'time' => $row->localTime, 'utc' => $row->utc, 'doubt' => $row->doubt, 'altitude' => $row->altitude, 'azimuth' => $row->azimuth,
            ]),
        ], false);
        $entry->add('DTSTART', $start);
        $entry->add('DTEND', $start->modify('+1 minute'));
        $entry->add('GEO', [$event->lat, $event->lon]);
        foreach (self::ALARMS as $before) {
            $entry->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => $before, 'DESCRIPTION' => $row->name]);
        }
        $calendar->add($entry);
    }

    /** The zone as it stands on that day: one component with its offset since the last change. */
    private static function addZone(VCalendar $calendar, LocalEclipse $here): void
    {
        $moment = $here->circumstances->deepest->time();
        $transitions = $here->zone->getTransitions((int) $moment->format('U'), (int) $moment->format('U'));
        $now = $transitions[0] ?? null;
        if ($now === null) {
            return;
        }
        $offset = sprintf('%s%02d%02d', $now['offset'] < 0 ? '-' : '+', intdiv(abs($now['offset']), 3600), intdiv(abs($now['offset']) % 3600, 60));
        /** @var VTimeZone $zone */
        $zone = $calendar->add('VTIMEZONE', ['TZID' => $here->zone->getName()]);
        $zone->add($now['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
            'DTSTART' => '19700101T000000',
            'TZOFFSETFROM' => $offset,
            'TZOFFSETTO' => $offset,
            'TZNAME' => $now['abbr'],
        ]);
    }
}
