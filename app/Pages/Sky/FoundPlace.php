<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Models\Place;
use KeenShadow\Core\Site\Coordinates;
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
    ) {}

    public static function town(Place $place): self
    {
        return new self(
            $place->fullName(),
            $place->population > 0 ? __('about :n people', ['n' => self::rounded($place->population)]) : '',
            $place->lat,
            $place->lon,
            null,
            $place->timezone,
        );
    }

    /** Coordinates somebody typed, with the zone of the nearest town or, far from any, of the sea. */
    public static function at(Coordinates $c, ?Place $nearest): self
    {
        return new self(
            $c->name ?? ($nearest === null ? __('Point at sea') : __('Near :place', ['place' => $nearest->fullName()])),
            __('coordinates; zone of the nearest town'),
            round($c->latDeg, 6),
            round($c->lonDeg, 6),
            $c->heightM,
            $nearest->timezone ?? 'UTC',
        );
    }

    private static function rounded(int $population): string
    {
        $formatter = new NumberFormatter(app()->getLocale(), NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::MAX_SIGNIFICANT_DIGITS, 2);

        return (string) $formatter->format($population);
    }
}
