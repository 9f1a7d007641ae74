<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Models\Event;
use App\Models\Sky\Place;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Geometry\Globe;

/**
 * Whether the name, the time zone and the height of a place go with its coordinates, and what would. A place of which one
 * part was typed anew easily keeps the others.
 */
final readonly class PlaceFit
{
    /** A name or a height may be kept that far from where it was. */
    private const SAME_PLACE_KM = 50.0;
    /** A border is near when a town beyond it is nearer than this, or not much farther than the nearest one. */
    private const BORDER_KM = 30.0;
    private const BORDER_SHARE = 2.0;
    /** Where no town is near: a zone's offset may differ from the Sun's by this much. */
    private const SEA_HOURS = 2.0;
    private const DEG_PER_HOUR = 15.0;

    /**
     * @param string $near what the place may be called
     * @param string $zone its time zone, by the nearest town
     * @param array<string, string> $misfits sentences by field
     */
    private function __construct(
        public string $near,
        public string $zone,
        public array $misfits,
    ) {}

    /**
     * @param DateTimeImmutable $moment at which two zones are compared: many differ for a part of the year only
     * @param Event|null $before the event as it was
     */
    public static function of(float $lat, float $lon, ?float $heightM, string $name, ?DateTimeZone $zone, DateTimeImmutable $moment, Gazetteer $places, ?Event $before = null): self
    {
        $near = $places->around($lat, $lon);
        $proposed = $near->timezone();
        $movedKm = $before === null ? 0.0 : Globe::distanceKm($before->lat, $before->lon, $lat, $lon);
        $hasMoved = $before !== null && $movedKm > self::SAME_PLACE_KM;
        $misfits = [];
        if ($hasMoved && $name === $before->place_name || self::isNamedAfterAnotherTown($name, $lat, $lon)) {
            $misfits['place_name'] = __('The name does not fit the coordinates: they lie :near.', ['near' => lcfirst($near->words())]);
        }
        if ($zone !== null && !self::zoneFits($zone, $lat, $lon, $moment, $near, $places)) {
            $misfits['timezone'] = __('The time zone :zone does not fit the coordinates: they lie :near, where it is :proposed.', ['zone' => $zone->getName(), 'near' => lcfirst($near->words()), 'proposed' => $proposed]);
        }
        if ($hasMoved && $heightM !== null && $heightM !== 0.0 && $heightM === $before->height_m) {
            $misfits['height_m'] = __('The height of :m m is that of the previous place.', ['m' => (string) $heightM]);
        }

        return new self($near->words(), $proposed, $misfits);
    }

    private static function zoneFits(DateTimeZone $zone, float $lat, float $lon, DateTimeImmutable $moment, NearestTown $near, Gazetteer $places): bool
    {
        $offset = $zone->getOffset($moment);
        if (!$near->hasZone()) {
            return $zone->getName() === 'UTC' || abs($offset / 3600 - $lon / self::DEG_PER_HOUR) <= self::SEA_HOURS;
        }
        // Near a border either side's clock may be kept.
        $zones = [$near->timezone(), ...$places->zonesWithin(max(self::BORDER_KM, self::BORDER_SHARE * $near->km), $lat, $lon)];

        return array_filter($zones, static fn(string $there): bool => (new DateTimeZone($there))->getOffset($moment) === $offset) !== [];
    }

    /** Whether it is just what the gazetteer calls a town, none of that name being near. */
    private static function isNamedAfterAnotherTown(string $name, float $lat, float $lon): bool
    {
        $full = (string) preg_replace('/^Near /', '', $name);
        $named = Place::query()->where('name', trim(explode(',', $full)[0]))->get()
            ->filter(static fn(Place $place): bool => $place->fullName() === $full);

        return $named->isNotEmpty() && $named->every(static fn(Place $place): bool => Globe::distanceKm($lat, $lon, $place->lat, $place->lon) > self::SAME_PLACE_KM);
    }
}
