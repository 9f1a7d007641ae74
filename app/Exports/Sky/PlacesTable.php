<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use App\Domain\Event\EventFacts;
use App\Exports\CsvLine;
use App\Models\Event;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceList;
use App\Text\Clock;
use DateTimeZone;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\SolarEclipse;

/** A list of places as CSV: the columns of sky:circumstances, and everyone's own times. */
final class PlacesTable
{
    /** @return iterable<int, string> line by line, for a list may be long */
    public static function lines(PlaceList $list, SolarEclipse $eclipse): iterable
    {
        yield CsvLine::of([...CircumstancesRecord::KEYS, ...CircumstancesRecord::LOCAL_KEYS]);
        foreach ($list->places()->orderBy('position')->lazy(1000) as $place) {
            yield self::line($place, $eclipse, $list->event);
        }
    }

    private static function line(ListedPlace $place, SolarEclipse $eclipse, Event $event): string
    {
        $c = $eclipse->circumstances($place->observer());
        $zone = new DateTimeZone($place->timezone ?? 'UTC');
        $local = array_map(static function (ContactName $name) use ($c, $zone): ?string {
            $contact = $c->contact($name);

            return $contact === null ? null : Clock::nearestSecond($contact->time())->setTimezone($zone)->format('Y-m-d H:i:s');
        }, ContactName::cases());
        $record = CircumstancesRecord::of($place->name, $eclipse->date(), $place->observer(), $c, EventFacts::underPolicy($event, Filters::of($eclipse, $place->observer(), $c)));

        return CsvLine::of([...array_values($record), $zone->getName(), ...$local]);
    }
}
