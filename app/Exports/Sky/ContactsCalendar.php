<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use App\Domain\Sky\ContactRow;
use App\Domain\Sky\SkyAnswer;
use App\Models\Event;
use App\Text\Clock;
use App\Text\FilterWords;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\LocalEclipse;
use Sabre\VObject\Component\VCalendar;

/** The contacts of an event as iCalendar (RFC 5545): one entry each in the event's zone, with alarms before it. */
final class ContactsCalendar
{
    private const ALARMS = ['-PT10M', '-PT1M'];

    /** @param string|null $key what the entries' UIDs begin with; the event's number by default */
    public static function of(Event $event, LocalEclipse $here, Filters $filters, DateTimeImmutable $now, ?string $key = null): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Keen Shadow//Contacts//EN', 'X-WR-CALNAME' => $event->title]);
        CalendarZone::add($calendar, $here->zone, $here->begins(), $here->ends());
        foreach ($here->circumstances->contacts() as $contact) {
            if ($contact->view->isSunUp()) {
                self::addContact($calendar, $event, $here, $filters, $contact, $now, $key ?? "event-{$event->id}");
            }
        }

        return $calendar->serialize();
    }

    private static function addContact(VCalendar $calendar, Event $event, LocalEclipse $here, Filters $filters, Contact $contact, DateTimeImmutable $now, string $key): void
    {
        $row = ContactRow::of($contact, $here);
        $cue = FilterWords::cue($contact->name, $filters, Clock::over($here));
        $summary = "{$row->name}: {$row->meaning}" . ($cue === null ? '' : ", {$cue}");
        // Calendars count whole seconds.
        $start = $here->local($contact->time()->modify('+500 milliseconds'));
        $entry = $calendar->createComponent('VEVENT', [
            'UID' => "{$key}-{$contact->name->value}@keen-shadow",
            'DTSTAMP' => $now->setTimezone(new DateTimeZone('UTC')),
            'SUMMARY' => "{$summary} ({$event->title})",
            'LOCATION' => $event->place_name,
            'DESCRIPTION' => SkyAnswer::of($here)->headline . "\n" . FilterWords::caution($filters, Clock::over($here)) . "\n" . __(':time local, :utc UTC, :uncertainty; Sun :altitude up, azimuth :azimuth', [
                'time' => $row->localTime, 'utc' => $row->utc, 'uncertainty' => $row->uncertainty, 'altitude' => $row->altitude, 'azimuth' => $row->azimuth,
            ]),
        ], false);
        $entry->add('DTSTART', $start);
        $entry->add('DTEND', $start->modify('+1 minute'));
        $entry->add('GEO', [$event->lat, $event->lon]);
        foreach (self::ALARMS as $before) {
            $entry->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => $before, 'DESCRIPTION' => $summary]);
        }
        $calendar->add($entry);
    }
}
