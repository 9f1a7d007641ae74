<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Domain\Sky\SkyAnswer;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\FilterWords;
use App\Text\Numbers;
use App\Text\SkyWords;
use DateTimeZone;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;

/** What is seen of an event's eclipse at another point of the map. */
final readonly class SeenThere
{
    /** @param array<string, string|float> $asEvent the place as the form for a new event takes it */
    private function __construct(
        public string $place,
        public string $headline,
        public string $detail,
        public string $rule,
        public string $way,
        public bool $isSeen,
        public array $asEvent,
    ) {}

    public static function of(float $lat, float $lon, LocalEclipse $from, Eclipses $eclipses, Gazetteer $places): self
    {
        $near = $places->around($lat, $lon);
        $there = LocalEclipse::seenFrom($from->eclipse, Observer::at($lat, $lon), new DateTimeZone($near->timezone()), $eclipses->ephemeris);
        $seen = $there->circumstances->isSeen();
        $filters = Filters::forPlace($there);

        return new self(
            place: Angles::coordinates($lat, $lon) . ', ' . lcfirst($near->words()),
            headline: $seen ? SkyAnswer::of($there)->headline : __('It is not seen there.'),
            detail: $seen ? SkyAnswer::of($there)->detail . ' ' . ucfirst(FilterWords::brief($filters, Clock::over($there))) . '.' : '',
            rule: $filters->reason->rule(),
            way: __(':km km :way of the event', [
                'km' => Numbers::about(Globe::distanceKm($from->observer->latDeg, $from->observer->lonDeg, $lat, $lon)),
                'way' => SkyWords::compass(Globe::bearingDeg($from->observer->latDeg, $from->observer->lonDeg, $lat, $lon)),
            ]),
            isSeen: $seen,
            asEvent: [
                'place_name' => $near->words(),
                'lat' => $lat,
                'lon' => $lon,
                'height_m' => 0,
                'timezone' => $near->timezone(),
                'eclipse' => $from->eclipse->date(),
            ],
        );
    }
}
