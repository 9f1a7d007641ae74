<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Days;
use App\Text\LengthWords;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\SolarEclipse;

/** One eclipse to come at a place: what is best seen of it with the Sun up. */
final readonly class NextRow
{
    private function __construct(
        public string $date,
        public int $year,
        public string $day,
        public LocalKind $kind,
        public string $time,
        public float $obscuration,
        public string $percent,
        public string $magnitude,
        public string $duration,
        public string $altitude,
        public string $compass,
        public bool $isCut,
    ) {}

    /** Null when nothing of it is seen. */
    public static function of(SolarEclipse $eclipse, LocalEclipse $here, Ephemeris $ephemeris): ?self
    {
        $c = $eclipse->circumstances($here->observer);
        if (!$c->isSeen()) {
            return null;
        }
        // Where the Sun rises or sets is asked for only when it is down at the maximum.
        $best = $c->maximum->isSunUp()
            ? $c->maximum
            : LocalEclipse::seenFrom($eclipse, $here->observer, $here->zone, $ephemeris)->bestVisible();
        $isCut = $best !== $c->maximum;
        $clock = Clock::of($here->zone, $best->time());
        $local = $here->local(Clock::nearestSecond($best->time()));

        return new self(
            date: $eclipse->date(),
            year: (int) $local->format('Y'),
            day: Days::short($local),
            kind: $c->seenKind(),
            time: $clock->minuteAndZone($best->time()),
            obscuration: $best->obscuration(),
            percent: Numbers::percent($best->obscuration()),
            magnitude: Numbers::magnitude($best->magnitude(), 2),
            duration: LengthWords::of($c),
            altitude: Angles::degrees($best->altitudeDeg(), 0),
            compass: SkyWords::compass($best->azimuthDeg()),
            isCut: $isCut,
        );
    }
}
