<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;

/** The azimuths that are looked at, such as those over which the Sun moves: what stands elsewhere is left out. */
final readonly class AzimuthSpan
{
    /** For rounding. */
    private const BESIDE_DEG = 1.0;
    private const TRACK_SECONDS = 600.0;

    private function __construct(
        private float $middleDeg,
        private float $halfDeg,
    ) {}

    /** From one azimuth clockwise so far. */
    public static function from(float $azimuthDeg, float $widthDeg): self
    {
        return new self($azimuthDeg + $widthDeg / 2, $widthDeg / 2 + self::BESIDE_DEG);
    }

    /** Over which the Sun moves while a track lasts. */
    public static function ofTrack(SunTrack $track): self
    {
        return self::of($track->positions(self::TRACK_SECONDS));
    }

    /** @param non-empty-list<SunPosition> $positions each near the one before */
    public static function of(array $positions): self
    {
        $first = $positions[0]->azimuthDeg;
        $running = $least = $most = $disc = 0.0;
        $before = $first;
        foreach ($positions as $sun) {
            $running += rad2deg(Angle::signedRad(deg2rad($sun->azimuthDeg - $before)));
            $before = $sun->azimuthDeg;
            $least = min($least, $running);
            $most = max($most, $running);
            // Near the zenith the disc spans many degrees of azimuth.
            $disc = max($disc, $sun->semidiameterDeg / max(0.01, cos(deg2rad($sun->altitudeDeg))));
        }

        return new self($first + ($least + $most) / 2, ($most - $least) / 2 + $disc + self::BESIDE_DEG);
    }

    /** Whether any of a thing, or of what it may reach beside itself, lies in these directions. */
    public function mayMeet(PlanPoint $eye, Thing $thing, float $besideM): bool
    {
        $distance = $eye->distanceM($thing->middle);
        $reach = $thing->reachM + $besideM;
        if ($distance <= $reach) {
            return true;
        }
        $aside = abs(rad2deg(Angle::signedRad(deg2rad($eye->bearingDeg($thing->middle) - $this->middleDeg))));

        return $aside <= $this->halfDeg + rad2deg(asin($reach / $distance));
    }
}
