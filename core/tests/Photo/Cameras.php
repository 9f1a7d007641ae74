<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use DateTimeZone;
use KeenShadow\Core\Photo\Kit\Camera;
use KeenShadow\Core\Photo\Kit\FilterMake;
use KeenShadow\Core\Photo\Kit\FilterSeat;
use KeenShadow\Core\Photo\Kit\Fixing;
use KeenShadow\Core\Photo\Kit\FrontFilter;
use KeenShadow\Core\Photo\Kit\Mount;
use KeenShadow\Core\Photo\Kit\Optics;
use KeenShadow\Core\Photo\Kit\OpticsBuild;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\Programme\FilterState;
use KeenShadow\Core\Photo\Programme\Finder;
use KeenShadow\Core\Photo\Programme\Outfit;
use KeenShadow\Core\Photo\Programme\Programme;
use KeenShadow\Core\Photo\Programme\SeenEclipse;
use KeenShadow\Core\Photo\Programme\Wanted;
use KeenShadow\Core\Photo\Sensor;
use KeenShadow\Core\Photo\When;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Time\Interval;

/** A camera that may stand there, and eclipses it may see, for tests that change one thing of them. */
final class Cameras
{
    /** @param list<Interval> $hidden */
    public static function seen(string $date, float $lat, float $lon, array $hidden = []): SeenEclipse
    {
        return SeenEclipse::of(LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at($lat, $lon), new DateTimeZone('Europe/Madrid'), new Ephemeris()), $hidden);
    }

    /** @param array{camera?: Camera, optics?: Optics|null, filter?: FrontFilter|null, mount?: Mount|null} $other than usual */
    public static function outfit(array $other = []): Outfit
    {
        $parts = $other + ['camera' => self::camera(), 'optics' => Optics::of(OpticsBuild::Refractor, 600, 7.5, 80), 'filter' => self::filter(), 'mount' => new Mount(true)];

        return Outfit::of($parts['camera'], $parts['optics'], $parts['filter'], $parts['mount']);
    }

    public static function camera(bool $isPhone = false): Camera
    {
        return Camera::of(Sensor::of(22.3, 14.9, 4.3), 100, 6400, 5, 12, 0.4, $isPhone ? Optics::of(OpticsBuild::Lens, 4.4, 1.8) : null);
    }

    public static function filter(FilterMake $make = FilterMake::Photographic, FilterSeat $seat = FilterSeat::Front, Fixing $fixing = Fixing::Screwed, ?float $openingMm = null): FrontFilter
    {
        return FrontFilter::of($make, $seat, $fixing, $openingMm);
    }

    public static function state(): FilterState
    {
        return new FilterState([], isToday: true, isDue: true);
    }

    /** @param list<Wanted>|null $wanted */
    public static function programme(?Finder $finder = Finder::Removed, string $watchedBy = 'Omar', ?array $wanted = null, float $intervalS = 300.0, float $isoFree = 100.0, float $coronaRadii = 1.0): Programme
    {
        return Programme::of(7.5, $isoFree, 100, intervalS: $intervalS, coronaRadii: $coronaRadii, finder: $finder, watchedBy: $watchedBy, wanted: $wanted ?? [
            Wanted::of('beads', Phase::Beads, null, 1, 5, When::First, 0),
            Wanted::of('corona', Phase::Corona01, Phase::Corona4, 2, 1, When::Between, 2),
            Wanted::of('beads again', Phase::Beads, null, 1, 5, When::Last, 0),
        ]);
    }
}
