<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;

/** What a camera is to do at an event, and who and what looks after it. */
final readonly class Programme
{
    public const MOST_WISHES = 12;
    public const LONGEST_NAME = 80;

    /**
     * @param string $watchedBy who stands at it all the while; blank while nobody is named
     * @param string $place on the site's plan; blank is where the people watch
     * @param Finder|null $finder null while nobody has said
     * @param list<Wanted> $wanted the dearest first
     */
    private function __construct(
        public float $fNumber,
        public float $isoFree,
        public float $isoFiltered,
        public float $handS,
        public float $intervalS,
        public float $cloudStops,
        public float $coronaRadii,
        public float $rollDeg,
        public float $driftPx,
        public float $clearS,
        public ?Finder $finder,
        public string $watchedBy,
        public string $place,
        public array $wanted,
    ) {}

    /**
     * @param list<Wanted> $wanted
     *
     * @throws PhotoException when a number is out of range
     */
    public static function of(
        float $fNumber,
        float $isoFree,
        float $isoFiltered,
        float $handS = 4.0,
        float $intervalS = 300.0,
        float $cloudStops = 0.0,
        float $coronaRadii = 2.0,
        float $rollDeg = 0.0,
        float $driftPx = 2.0,
        float $clearS = 40.0,
        ?Finder $finder = null,
        string $watchedBy = '',
        string $place = '',
        array $wanted = [],
    ): self {
        return new self(
            fNumber: Measure::FNumber->checked($fNumber),
            isoFree: Measure::Iso->checked($isoFree),
            isoFiltered: Measure::IsoFiltered->checked($isoFiltered),
            handS: Measure::Hand->checked($handS),
            intervalS: Measure::Interval->checked($intervalS),
            cloudStops: Measure::CloudStops->checked($cloudStops),
            coronaRadii: Measure::Corona->checked($coronaRadii),
            rollDeg: Measure::Roll->checked($rollDeg),
            driftPx: Measure::Drift->checked($driftPx),
            clearS: Measure::Clear->checked($clearS),
            finder: $finder,
            watchedBy: $watchedBy,
            place: $place,
            wanted: count($wanted) <= self::MOST_WISHES ? $wanted : throw PhotoException::notAListOfWishes('wanted', self::MOST_WISHES),
        );
    }
}
