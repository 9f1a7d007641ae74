<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Text\Angles;
use App\Text\Clock;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Site\Skyline\WallSeen;
use KeenShadow\Core\Sky\Compass;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\SunPosition;

/**
 * The horizon view from one spot: obstacles and far horizon around the Sun's azimuths, and the Sun's way in apparent
 * altitude. One scale for both axes, 1000 units wide; x grows with the azimuth, y downwards.
 */
final readonly class Panorama
{
    public const WIDTH = 1000;
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
     * @param list<array{points: string, visibility: string}> $track stretches of the Sun's way: clear, partly, hidden
     * @param list<array{x: float, y: float, r: float, label: string, labelX: float, labelY: float, isClear: bool}> $suns at the contacts, to scale
     * @param list<array{x: float, label: string}> $azimuths
     * @param list<array{y: float, label: string}> $altitudes
     */
    private function __construct(
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

    public static function of(Thing $place, SpotOutlook $outlook, SunlitSite $site): self
    {
        $suns = $site->track->positions(self::TRACK_SECONDS);
        $azimuths = self::runningOn(array_map(static fn(SunPosition $s): float => $s->azimuthDeg, $suns));
        $top = max(12.0, ...array_map(static fn(SunPosition $s): float => $s->altitudeDeg, $suns)) + self::ABOVE_DEG;
        $first = min(INF, ...$azimuths);
        $last = max(-INF, ...$azimuths);
        $width = min(360.0, max(60.0, $last - $first + 2 * self::BESIDE_DEG, ($top + self::BELOW_DEG) / self::TALLEST));
        $left = ($first + $last) / 2 - $width / 2;
        $scale = self::WIDTH / $width;
        $x = static fn(float $azimuth): float => round(Angle::positiveDeg($azimuth - $left) * $scale, 2);
        $y = static fn(float $altitude): float => round(($top - $altitude) * $scale, 2);
        $height = round(($top + self::BELOW_DEG) * $scale, 1);
        $skyline = Skyline::over($site->plan, $place->at(), $place->heightM);
        $kinds = [];
        foreach ($site->plan->obstacles() as $obstacle) {
            $kinds[$obstacle->name] = $obstacle->kind;
        }
        $seen = array_values(array_filter($skyline->walls(), static fn(WallSeen $w): bool => Angle::positiveDeg($w->fromDeg + $w->widthDeg - $left) < $width || Angle::positiveDeg($w->fromDeg - $left) < $width));

        return new self(
            $height,
            $y(0.0),
            array_map(static fn(WallSeen $w): array => ['points' => self::wall($w, $left, $scale, $y), 'isTree' => $kinds[$w->name] === ThingKind::Tree], $seen),
            self::names($seen, $left, $width, $scale, $y),
            self::horizon($site, $left, $width, $scale, $y, $height),
            self::track($suns, $azimuths, $skyline, $left, $scale, $y),
            self::contacts($outlook, $scale, $x, $y, $site),
            self::azimuths($left, $width, $scale),
            self::altitudes($top, $y),
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

    /** @param callable(float): float $y */
    private static function wall(WallSeen $wall, float $left, float $scale, callable $y): string
    {
        $begin = Angle::positiveDeg($wall->fromDeg - $left);
        // One that begins left of the view and reaches into it.
        $begin -= $begin + $wall->widthDeg > 360 ? 360 : 0;
        $points = [];
        foreach ($wall->top() as [$azimuth, $altitude]) {
            $points[] = round(($begin + $azimuth - $wall->fromDeg) * $scale, 1) . ',' . $y($altitude);
        }
        $foot = $y(-self::BELOW_DEG);

        return round($begin * $scale, 1) . ",{$foot} " . implode(' ', $points) . ' ' . round(($begin + $wall->widthDeg) * $scale, 1) . ",{$foot}";
    }

    /**
     * @param list<WallSeen> $walls
     * @param callable(float): float $y
     *
     * @return list<array{x: float, y: float, text: string}>
     */
    private static function names(array $walls, float $left, float $width, float $scale, callable $y): array
    {
        $highest = [];
        foreach ($walls as $wall) {
            foreach ($wall->top() as [$azimuth, $altitude]) {
                $at = Angle::positiveDeg($azimuth - $left);
                if ($at < $width && $altitude > ($highest[$wall->name][1] ?? 0.0)) {
                    $highest[$wall->name] = [$at, $altitude];
                }
            }
        }
        $names = [];
        foreach ($highest as $name => [$at, $altitude]) {
            $names[] = ['x' => max(40.0, min(self::WIDTH - 40.0, round($at * $scale, 1))), 'y' => max(14.0, $y($altitude) - 6), 'text' => $name];
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

    /** @param callable(float): float $y */
    private static function horizon(SunlitSite $site, float $left, float $width, float $scale, callable $y, float $height): string
    {
        $points = [];
        for ($i = 0; $i <= 200; ++$i) {
            $azimuth = $width * $i / 200;
            $points[] = round($azimuth * $scale, 1) . ',' . $y($site->plan->horizon->altitudeDegAt($left + $azimuth));
        }

        return "0,{$height} " . implode(' ', $points) . ' ' . self::WIDTH . ",{$height}";
    }

    /**
     * @param list<SunPosition> $suns
     * @param list<float> $azimuths
     * @param callable(float): float $y
     *
     * @return list<array{points: string, visibility: string}>
     */
    private static function track(array $suns, array $azimuths, Skyline $skyline, float $left, float $scale, callable $y): array
    {
        $stretches = [];
        $places = [];
        $now = DiscVisibility::Clear;
        foreach ($suns as $i => $sun) {
            if ($sun->altitudeDeg < -self::DIP_DEG) {
                continue;
            }
            $place = round(($azimuths[$i] - $left) * $scale, 1) . ',' . $y($sun->altitudeDeg);
            $visibility = $skyline->visibilityOf($sun) === DiscVisibility::Clear ? DiscVisibility::Clear : DiscVisibility::Hidden;
            if ($visibility !== $now && $places !== []) {
                $stretches[] = ['points' => implode(' ', $places), 'visibility' => $now->value];
                $places = array_slice($places, -1);
            }
            $now = $visibility;
            $places[] = $place;
        }
        $stretches[] = ['points' => implode(' ', $places), 'visibility' => $now->value];

        return $stretches;
    }

    /**
     * @param callable(float): float $x
     * @param callable(float): float $y
     *
     * @return list<array{x: float, y: float, r: float, label: string, labelX: float, labelY: float, isClear: bool}>
     */
    private static function contacts(SpotOutlook $outlook, float $scale, callable $x, callable $y, SunlitSite $site): array
    {
        $marks = [];
        foreach ($outlook->contacts as $contact) {
            // C2 and C3 stand within a hair of the maximum.
            if (!$contact->sun->isUp() || $contact->name === ContactName::C2 || $contact->name === ContactName::C3) {
                continue;
            }
            $sun = $contact->sun;
            $at = [$x($sun->azimuthDeg), $y($sun->altitudeDeg)];
            $marks[] = [
                'x' => $at[0],
                'y' => $at[1],
                'r' => round($sun->semidiameterDeg * $scale, 2),
                'label' => ucfirst($contact->name->value) . ' ' . Clock::over($site->here)->second($sun->time()),
                'labelX' => min(self::WIDTH - 60.0, max(60.0, $at[0])),
                'labelY' => max(14.0, $at[1] - 16),
                'isClear' => $contact->visibility === DiscVisibility::Clear,
            ];
        }

        return $marks;
    }

    /** @return list<array{x: float, label: string}> */
    private static function azimuths(float $left, float $width, float $scale): array
    {
        $step = $width > 150 ? 30 : ($width > 75 ? 15 : 10);
        $ticks = [];
        for ($azimuth = ceil($left / $step) * $step; $azimuth < $left + $width; $azimuth += $step) {
            $at = round(($azimuth - $left) * $scale, 1);
            if ($at > 25 && $at < self::WIDTH - 25) {
                $whole = Angle::positiveDeg($azimuth);
                $ticks[] = ['x' => $at, 'label' => Angles::direction($whole, 0) . (fmod($whole, 45.0) === 0.0 ? ' ' . Compass::nearest($whole)->name : '')];
            }
        }

        return $ticks;
    }

    /**
     * @param callable(float): float $y
     *
     * @return list<array{y: float, label: string}>
     */
    private static function altitudes(float $top, callable $y): array
    {
        $ticks = [];
        for ($altitude = 10; $altitude < $top - 2; $altitude += $top > 40 ? 20 : 10) {
            $ticks[] = ['y' => $y((float) $altitude), 'label' => "{$altitude}°"];
        }

        return $ticks;
    }
}
