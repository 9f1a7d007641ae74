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
            $place->fullName(),
            implode(', ', array_filter($notes, static fn(string $note): bool => $note !== '')),
            $place->lat,
            $place->lon,
            null,
            $place->timezone,
            $found->likeness->isPlain(),
        );
    }

    /** Coordinates somebody typed, with the zone of the nearest town or, far from any, UTC. */
    public static function at(Coordinates $c, NearestTown $near): self
    {
        return new self(
            $c->name ?? $near->words(),
            ($near->hasZone() ? __('coordinates; zone of the nearest town') : __('coordinates; no town near, UTC'))
                . ($c->isHeightOverEllipsoid ? __('; its height is above the ellipsoid, up to 107 m from that above the sea') : ''),
            round($c->latDeg, 6),
            round($c->lonDeg, 6),
            $c->heightM,
            $near->timezone(),
            true,
        );
    }

    private static function rounded(int $population): string
    {
        $formatter = new NumberFormatter(app()->getLocale(), NumberFormatter::DECIMAL);
        $formatter->setAttribute(NumberFormatter::MAX_SIGNIFICANT_DIGITS, 2);

        return (string) $formatter->format($population);
    }
}
