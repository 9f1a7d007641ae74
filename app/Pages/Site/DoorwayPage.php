<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Numbers;
use App\Text\SkyWords;
use DateTimeImmutable;
use KeenShadow\Core\Site\Doorway\Banner;
use KeenShadow\Core\Site\Doorway\BannerState;
use KeenShadow\Core\Site\Doorway\DoorwayOutlook;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Sky\StateInterval;
use KeenShadow\Core\Sky\SunPosition;

/** A banner across one doorway: from when to when it works for whose eyes, where the holes go, and how it is cut. */
final readonly class DoorwayPage
{
    private const EVERY_MINUTES = 15;
    private const MOST_OFFERED = 100;

    /**
     * @param list<array{name: string, looks: string, sun: string}> $facing what a banner may hang in, and when the Sun is on it; of very many the widest
     * @param list<array{who: string, eye: string, lines: list<string>}> $windows
     * @param list<array{time: string, aside: string, cells: list<string>}> $rows
     */
    private function __construct(
        public array $facing,
        public DoorwayOutlook $outlook,
        public string $headline,
        public array $windows,
        public array $rows,
        public DoorwayMoment $moment,
    ) {}

    /**
     * @param array<string, float> $eyes
     *
     * @return self|null null when nothing on the plan has a wall
     *
     * @throws SiteException when the distance is out of range
     */
    public static function of(SunlitSite $site, ?string $name, float $distanceM, array $eyes, DateTimeImmutable $moment): ?self
    {
        $facades = Facade::allOf($site->plan);
        if ($facades === []) {
            return null;
        }
        $facade = array_values(array_filter($facades, static fn(Facade $f): bool => $f->name === $name))[0] ?? $facades[0];
        $banner = Banner::across($facade, $distanceM, $site->plan);
        $outlook = DoorwayOutlook::of($banner, $eyes, $site->eclipseTrack, $site->track->atTime($site->here->bestVisible()->time()));

        $suns = array_values(array_filter($site->eclipseTrack->positions(60.0), static fn(SunPosition $s): bool => $s->isUp()));

        return new self(
            array_map(static fn(Facade $f): array => self::facing($f, $suns, $site), self::offered($facades, $facade)),
            $outlook,
            self::headline($outlook, $site),
            self::windows($outlook, $site),
            self::rows($banner, $eyes, $site),
            DoorwayMoment::of($outlook, $site, $moment),
        );
    }

    /**
     * Of very many those that are widest, and the chosen one; in the order of the plan.
     *
     * @param non-empty-list<Facade> $facades
     *
     * @return list<Facade>
     */
    private static function offered(array $facades, Facade $chosen): array
    {
        $widths = array_map(static fn(Facade $f): float => $f === $chosen ? INF : $f->widthM, $facades);
        arsort($widths);
        $widest = array_slice($widths, 0, self::MOST_OFFERED, true);
        ksort($widest);

        return array_values(array_intersect_key($facades, $widest));
    }

    /**
     * @param list<SunPosition> $suns while it is up
     *
     * @return array{name: string, looks: string, sun: string}
     */
    private static function facing(Facade $facade, array $suns, SunlitSite $site): array
    {
        $lit = array_values(array_filter($suns, $facade->isFacing(...)));
        $bearing = $facade->bearingDeg;

        return [
            'name' => $facade->name,
            'looks' => SkyWords::compass($bearing) . ' ' . Angles::direction($bearing, 0),
            'sun' => count($lit) < 2 ? __('faces away from the Sun') : __('faces the Sun :from–:to', ['from' => self::clock($lit[0], $site), 'to' => self::clock($lit[count($lit) - 1], $site)]),
        ];
    }

    private static function headline(DoorwayOutlook $outlook, SunlitSite $site): string
    {
        $facade = $outlook->banner->facade;
        $works = $outlook->works();
        if ($works === []) {
            return $outlook->facesAway()
                ? __('“:name” does not face the Sun: it faces :way, and the Sun is on the other side.', ['name' => $facade->name, 'way' => SkyWords::compass($facade->bearingDeg)])
                : __('Nobody sees the Sun through a banner in “:name”.', ['name' => $facade->name]);
        }
        $times = array_map(static fn(StateInterval $interval): float => $interval->from->julianDateUt, $works);
        $ends = array_map(static fn(StateInterval $interval): float => $interval->to->julianDateUt, $works);

        return __('A banner in “:name” works from :from to :to.', [
            'name' => $facade->name,
            'from' => self::clock($site->track->at(min($times)), $site),
            'to' => self::clock($site->track->at(max($ends)), $site),
        ]);
    }

    /** @return list<array{who: string, eye: string, lines: list<string>}> */
    private static function windows(DoorwayOutlook $outlook, SunlitSite $site): array
    {
        $windows = [];
        foreach ($outlook->intervals as $who => $intervals) {
            $eyeM = $outlook->eyesM[$who];
            $windows[] = [
                'who' => $who,
                'eye' => Numbers::decimal($eyeM, 2) . ' m',
                'lines' => array_map(static function (StateInterval $interval) use ($outlook, $eyeM, $site): string {
                    $middle = $site->track->at(($interval->from->julianDateUt + $interval->to->julianDateUt) / 2);

                    return self::clock($interval->from, $site) . '–' . self::clock($interval->to, $site) . ' ' . BannerWords::of($interval->state, $outlook->banner, $eyeM, $middle);
                }, $intervals),
            ];
        }

        return $windows;
    }

    /**
     * @param array<string, float> $eyes
     *
     * @return list<array{time: string, aside: string, cells: list<string>}>
     */
    private static function rows(Banner $banner, array $eyes, SunlitSite $site): array
    {
        $rows = [];
        foreach (EventMoments::every(self::EVERY_MINUTES, $site) as $clock => $sun) {
            $rows[] = [
                'time' => $clock,
                'aside' => $banner->holeToTheRightM($sun) === null ? '' : self::asideM($banner->holeToTheRightM($sun)),
                'cells' => array_values(array_map(static function (float $eye) use ($banner, $sun): string {
                    $state = $banner->stateFor($eye, $sun);
                    $height = $banner->holeHeightM($eye, $sun);

                    return $state === BannerState::Works ? Numbers::decimal((float) $height, 2) . ' m' : ($height === null || $height > 10 ? BannerWords::of($state, $banner, $eye, $sun) : Numbers::decimal($height, 2) . ' m: ' . BannerWords::of($state, $banner, $eye, $sun));
                }, $eyes)),
            ];
        }

        return $rows;
    }

    private static function asideM(float $metres): string
    {
        return $metres < 0 ? __(':cm cm left', ['cm' => Numbers::decimal(-100 * $metres)]) : __(':cm cm right', ['cm' => Numbers::decimal(100 * $metres)]);
    }

    private static function clock(SunPosition $sun, SunlitSite $site): string
    {
        return Clock::over($site->here)->minute($sun->time());
    }
}
