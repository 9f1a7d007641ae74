<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use KeenShadow\Core\Position\Coordinates;
use NumberFormatter;

/** A place that was found, ready to fill the fields of an event. */
final readonly class FoundPlace
{
    private function __construct(
        public string $name,
        public string $note,
        public float $lat,
        public float $lon,
        public ?float $heightM,
        public string $timezone,
        /** Whether it is plainly what was typed, so that it may be taken without a choice. */
        public bool $isPlain,
    ) {}

    public static function town(NamedPlace $found): self
    {
        $place = $found->place;
        $notes = [
            $place->called === $place->name ? '' : $place->called,
            $place->population > 0 ? __('about :n people', ['n' => self::rounded($place->population)]) : '',
        ];

        return new self(
            name: $place->fullName(),
            note: implode(', ', array_filter($notes, static fn(string $note): bool => $note !== '')),
            lat: $place->lat,
            lon: $place->lon,
            heightM: null,
            timezone: $place->timezone,
            isPlain: $found->likeness->isPlain(),
        );
    }

    /** Coordinates somebody typed, with the zone of the nearest town or, far from any, UTC. */
    public static function at(Coordinates $c, NearestTown $near): self
    {
        return new self(
            name: $c->name ?? $near->words(),
            note: ($near->hasZone() ? __('coordinates; zone of the nearest town') : __('coordinates; no town near, UTC'))
                . ($c->isHeightOverEllipsoid ? __('; its height is above the ellipsoid, up to 107 m from that above the sea') : ''),
            lat: round($c->latDeg, 6),
            lon: round($c->lonDeg, 6),
            heightM: $c->heightM,
            timezone: $near->timezone(),
            isPlain: true,
        );
    }

    private static function rounded(int $population): string
    {
        $formatter = new NumberFormatter(app()->getLocale(), NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::MAX_SIGNIFICANT_DIGITS, 2);

        return (string) $formatter->format($population);
    }
}
