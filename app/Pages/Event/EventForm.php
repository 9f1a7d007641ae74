<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Domain\Sky\PlaceFit;
use App\Models\Event;
use App\Models\User;
use App\Text\TypedNumber;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Sky\SolarEclipse;

/** The form for a new or changed event: what stands in its fields, and the eclipses to choose from as seen at that place. */
final readonly class EventForm
{
    private const YEARS_AHEAD = 10;
    private const MOST_EARLIER = 6;
    private const FIELDS = ['title', 'place_name', 'lat', 'lon', 'height_m', 'timezone', 'eclipse', 'other_date'];

    /**
     * @param array<string, string> $values by field
     * @param array<string, string|float> $stored what the event says now, and its eclipse's date; empty for a new one
     * @param list<EclipseChoice> $seen the eclipses seen at the place, or all while there is none
     * @param list<EclipseChoice> $unseen
     * @param list<Event> $earlier events of the organisation at places of their own, latest first
     * @param PlaceFit|null $fit whether name and zone go with the coordinates; null while they are none
     */
    private function __construct(
        public array $values,
        public array $stored,
        public array $seen,
        public array $unseen,
        public array $earlier,
        public ?PlaceFit $fit,
    ) {}

    /** What was typed before (after a mistake), else what the address asks for, else the event as it is; a new one begins empty. */
    public static function fromInput(Request $request, Eclipses $eclipses, Gazetteer $places, ?Event $event = null): self
    {
        $upcoming = $eclipses->after(Date::now(), self::YEARS_AHEAD);
        $stored = $event === null ? [] : self::fieldsOf($event, $upcoming);
        $values = [];
        foreach (self::FIELDS as $field) {
            $value = $request->old($field, $request->query($field, (string) ($stored[$field] ?? '')));
            $values[$field] = is_string($value) ? $value : '';
        }
        $observer = self::observer($values);
        $zone = in_array($values['timezone'], DateTimeZone::listIdentifiers(), true) ? new DateTimeZone($values['timezone']) : null;

        $choices = array_map(static fn(SolarEclipse $eclipse): EclipseChoice => EclipseChoice::at($eclipse, $observer, $zone, $values['eclipse']), $upcoming);
        $isSeen = static fn(EclipseChoice $choice): bool => $choice->isSeen() || !$choice->isPlaceKnown();

        return new self(
            $values,
            $stored,
            array_values(array_filter($choices, $isSeen)),
            array_values(array_filter($choices, static fn(EclipseChoice $choice): bool => !$isSeen($choice))),
            $event === null ? self::earlierPlaces($request) : [],
            $observer === null ? null : PlaceFit::of($observer->latDeg, $observer->lonDeg, $observer->heightM, $values['place_name'], $zone, Date::now()->toImmutable(), $places, $event),
        );
    }

    /** Whether an eclipse is chosen that is not seen at the place. */
    public function isUnseenChosen(): bool
    {
        return array_filter($this->unseen, fn(EclipseChoice $choice): bool => $choice->date() === $this->values['eclipse']) !== [];
    }

    /** @return array<string, mixed> what the page's script starts from */
    public function forScript(): array
    {
        return [
            'place_name' => $this->values['place_name'],
            'lat' => $this->values['lat'],
            'lon' => $this->values['lon'],
            'height_m' => $this->values['height_m'],
            'timezone' => $this->values['timezone'],
        ];
    }

    /** @return list<Event> */
    private static function earlierPlaces(Request $request): array
    {
        /** @var User $user */
        $user = $request->user();

        return array_values(Event::query()->where('organisation_id', $user->organisation_id)->latest('id')->get()
            ->unique(static fn(Event $e): string => "{$e->place_name} {$e->lat} {$e->lon}")->take(self::MOST_EARLIER)->all());
    }

    /**
     * @param list<SolarEclipse> $upcoming
     *
     * @return array<string, string|float>
     */
    private static function fieldsOf(Event $event, array $upcoming): array
    {
        $date = $event->eclipse_date->format('Y-m-d');
        $listed = array_filter($upcoming, static fn(SolarEclipse $eclipse): bool => $eclipse->date() === $date) !== [];

        return [
            'title' => $event->title,
            'place_name' => $event->place_name,
            'lat' => $event->lat,
            'lon' => $event->lon,
            'height_m' => $event->height_m,
            'timezone' => $event->timezone,
            'eclipse' => $listed ? $date : 'other',
            'other_date' => $listed ? '' : $date,
            'date' => $date,
        ];
    }

    /** @param array<string, string> $values */
    private static function observer(array $values): ?Observer
    {
        $numbers = array_map(TypedNumber::normalise(...), [$values['lat'], $values['lon'], $values['height_m']]);
        if (array_filter($numbers, is_numeric(...)) !== $numbers) {
            return null;
        }
        try {
            return Observer::at((float) $numbers[0], (float) $numbers[1], (float) $numbers[2]);
        } catch (SkyException) {
            return null;
        }
    }
}
