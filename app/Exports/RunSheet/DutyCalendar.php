<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\RunSheet\WrittenDuty;
use App\Exports\Sky\CalendarZone;
use Sabre\VObject\Component\VCalendar;

/** One helper's duties as iCalendar (RFC 5545), each in the zone of its event and with alarms. A duty keeps its UID; its SEQUENCE rises with every change of its event. */
final class DutyCalendar
{
    /** @param list<WrittenDuty> $duties */
    public static function of(string $helper, array $duties): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Keen Shadow//Duties//EN', 'X-WR-CALNAME' => __('Duties of :name', ['name' => $helper])]);
        $zones = [];
        foreach ($duties as $duty) {
            $zones[$duty->zone->getName()] = [$duty->zone, min($zones[$duty->zone->getName()][1] ?? $duty->from, $duty->from), max($zones[$duty->zone->getName()][2] ?? $duty->to, $duty->to)];
        }
        foreach ($zones as $zone) {
            CalendarZone::add($calendar, ...$zone);
        }
        foreach ($duties as $duty) {
            $calendar->add(CalendarEntry::of($calendar, $duty->event, $duty->event->updated_at ?? $duty->from, $duty->uid, $duty->what, [$duty->from->setTimezone($duty->zone), $duty->to->setTimezone($duty->zone)], $duty->where, $duty->lines));
        }

        return $calendar->serialize();
    }
}
