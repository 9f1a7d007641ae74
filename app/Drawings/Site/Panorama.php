<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\Tick;
use App\Text\Clock;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Skyline\AzimuthSpan;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Site\Skyline\WallSeen;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\SunPosition;

/**
 * The horizon view from one spot: obstacles and far horizon around the Sun's azimuths, and the Sun's way in apparent
 * altitude. One scale for both axes, 1000 units wide; x grows with the azimuth, y downwards.
 */
final readonly class Panorama
{
    private const BESIDE_DEG = 14.0;
    private const ABOVE_DEG = 5.0;
    private const BELOW_DEG = 3.0;
    /** The Sun's way is drawn so far below the level. */
    private const DIP_DEG = 1.0;
    /** Height over width at most. */
    private const TALLEST = 0.4;
    private const TRACK_SECONDS = 120.0;
    /** Two labels closer than this would overlap. */
    private const LABEL_WIDTH = 84.0;

    /**
     * @param list<array{points: string, isTree: bool}> $walls farthest first
     * @param list<array{x: float, y: float, text: string}> $names of obstacles
     * @param string $horizon points of the far horizon, closed along the bottom
     * @param list<array{points: string, visibility: string}> $track parts of the Sun's way: clear, partly, hidden
     * @param list<array{x: float, y: float, r: float, label: string, labelX: float, labelY: float, isClear: bool}> $suns at the contacts, to scale
     * @param list<Tick> $azimuths
     * @param list<Tick> $altitudes
     */
    private function __construct(
        public Projection $on,
        public float $height,
        public float $groundY,
        public array $walls,
        public array $names,
        public string $horizon,
        public array $track,
        public array $suns,
        public array $azimuths,
        public array $altitudes,
    ) {}

    /**
     * @param float $leastWidthDeg azimuths from edge to edge at least
     * @param float $leastTopDeg altitude that it reaches at least
     */
    public static function of(Thing $place, SpotOutlook $outlook, SunlitSite $site, float $leastWidthDeg = 60.0, float $leastTopDeg = 12.0): self
    {
        $suns = $site->track->positions(self::TRACK_SECONDS);
        $azimuths = self::runningOn(array_map(static fn(SunPosition $s): float => $s->azimuthDeg, $suns));
        $top = max($leastTopDeg, ...array_map(static fn(SunPosition $s): float => $s->altitudeDeg, $suns)) + self::ABOVE_DEG;
        $first = min(INF, ...$azimuths);
        $last = max(-INF, ...$azimuths);
        $width = min(360.0, max($leastWidthDeg, $last - $first + 2 * self::BESIDE_DEG, ($top + self::BELOW_DEG) / self::TALLEST));
        $on = new Projection(($first + $last) / 2 - $width / 2, $width, $top, -self::BELOW_DEG);
        $skyline = $site->skylineFrom($place, AzimuthSpan::from($on->leftDeg, $on->widthDeg));
        $kinds = [];
        foreach ($site->plan->obstacles() as $obstacle) {
            $kinds[$obstacle->name] = $obstacle->kind;
        }
        $seen = array_values(array_filter($skyline->walls(), static fn(WallSeen $w): bool => $on->shows($w->fromDeg + $w->widthDeg) || $on->shows($w->fromDeg)));
        $tops = array_map(static fn(WallSeen $w): array => $w->top(), $seen);

        return new self(
            on: $on,
            height: $on->height,
            groundY: $on->y(0.0),
            walls: array_map(static fn(WallSeen $w, array $top): array => ['points' => self::wall($w, $top, $on), 'isTree' => $kinds[$w->name] === ThingKind::Tree], $seen, $tops),
            names: self::names($seen, $tops, $on),
            horizon: self::horizon($site, $on),
            track: self::track($suns, $azimuths, $skyline, $on),
            suns: self::contacts($outlook, $on, $site),
            azimuths: PanoramaTicks::azimuths($on),
            altitudes: PanoramaTicks::altitudes($on),
        );
    }

    /**
     * Azimuths without the jump at north.
     *
     * @param list<float> $azimuthsDeg each near the one before
     *
     * @return list<float>
     */
    private static function runningOn(array $azimuthsDeg): array
    {
        $running = [];
        foreach ($azimuthsDeg as $i => $azimuth) {
            $running[] = $i === 0 ? $azimuth : $running[$i - 1] + rad2deg(Angle::signedRad(deg2rad($azimuth - $azimuthsDeg[$i - 1])));
        }

        return $running;
    }

    /** @param list<array{float, float}> $top azimuth and altitude along it */
    private static function wall(WallSeen $wall, array $top, Projection $on): string
    {
        $begin = $on->rightOfLeftDeg($wall->fromDeg);
        // One that begins left of the view and reaches into it.
        $begin -= $begin + $wall->widthDeg > 360 ? 360 : 0;
        $points = [];
        foreach ($top as [$azimuth, $altitude]) {
            $points[] = $on->x($begin + $azimuth - $wall->fromDeg) . ',' . $on->y($altitude);
        }
        $foot = $on->y($on->bottomDeg);

        return $on->x($begin) . ",{$foot} " . implode(' ', $points) . ' ' . $on->x($begin + $wall->widthDeg) . ",{$foot}";
    }

    /**
     * @param list<WallSeen> $walls
     * @param list<list<array{float, float}>> $tops of the same
     *
     * @return list<array{x: float, y: float, text: string}>
     */
    private static function names(array $walls, array $tops, Projection $on): array
    {
        $highest = [];
        foreach ($walls as $i => $wall) {
            foreach ($tops[$i] as [$azimuth, $altitude]) {
                $at = $on->rightOfLeftDeg($azimuth);
                if ($on->shows($azimuth) && $altitude > ($highest[$wall->name][1] ?? 0.0)) {
                    $highest[$wall->name] = [$at, $altitude];
                }
            }
        }
        $names = [];
        foreach ($highest as $name => [$at, $altitude]) {
            $names[] = ['x' => max(40.0, min(Projection::WIDTH - 40.0, $on->x($at))), 'y' => max(14.0, $on->y($altitude) - 6), 'text' => $name];
        }
        usort($names, static fn(array $a, array $b): int => $a['x'] <=> $b['x']);
        $kept = [];
        foreach ($names as $name) {
            $before = $kept === [] ? null : $kept[count($kept) - 1];
            if ($before !== null && $name['x'] - $before['x'] < self::LABEL_WIDTH && abs($name['y'] - $before['y']) < 14) {
                $name['y'] = max(14.0, $before['y'] - 15);
            }
            $kept[] = $name;
        }

        return $kept;
    }

    private static function horizon(SunlitSite $site, Projection $on): string
    {
        $points = [];
        for ($i = 0; $i <= 200; ++$i) {
            $azimuth = $on->widthDeg * $i / 200;
            $points[] = $on->x($azimuth) . ',' . $on->y($site->plan->horizon->altitudeDegAt($on->leftDeg + $azimuth));
        }

        return "0,{$on->height} " . implode(' ', $points) . ' ' . Projection::WIDTH . ",{$on->height}";
    }

    /**
     * @param list<SunPosition> $suns
     * @param list<float> $azimuths
     *
     * @return list<array{points: string, visibility: string}>
     */
    private static function track(array $suns, array $azimuths, Skyline $skyline, Projection $on): array
    {
        $parts = [];
        $places = [];
        $now = DiscVisibility::Clear;
        foreach ($suns as $i => $sun) {
            if ($sun->altitudeDeg < -self::DIP_DEG) {
                continue;
            }
            $place = $on->x($azimuths[$i] - $on->leftDeg) . ',' . $on->y($sun->altitudeDeg);
            $visibility = $skyline->visibilityOf($sun) === DiscVisibility::Clear ? DiscVisibility::Clear : DiscVisibility::Hidden;
            if ($visibility !== $now && $places !== []) {
                $parts[] = ['points' => implode(' ', $places), 'visibility' => $now->value];
                $places = array_slice($places, -1);
            }
            $now = $visibility;
            $places[] = $place;
        }
        $parts[] = ['points' => implode(' ', $places), 'visibility' => $now->value];

        return $parts;
    }

    /** @return list<array{x: float, y: float, r: float, label: string, labelX: float, labelY: float, isClear: bool}> */
    private static function contacts(SpotOutlook $outlook, Projection $on, SunlitSite $site): array
    {
        $marks = [];
        foreach ($outlook->contacts as $contact) {
            // C2 and C3 stand within a hair of the maximum.
            if (!$contact->sun->isUp() || $contact->name === ContactName::C2 || $contact->name === ContactName::C3) {
                continue;
            }
            $sun = $contact->sun;
            $at = [$on->x($on->rightOfLeftDeg($sun->azimuthDeg), 2), $on->y($sun->altitudeDeg)];
            $marks[] = [
                'x' => $at[0],
                'y' => $at[1],
                'r' => round($sun->semidiameterDeg * $on->scale, 2),
                'label' => ucfirst($contact->name->value) . ' ' . Clock::over($site->here)->second($sun->time()),
                'labelX' => min(Projection::WIDTH - 60.0, max(60.0, $at[0])),
                'labelY' => max(14.0, $at[1] - 16),
                'isClear' => $contact->visibility === DiscVisibility::Clear,
            ];
        }

        return $marks;
    }
}
