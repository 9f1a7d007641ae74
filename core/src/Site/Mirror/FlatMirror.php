<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Mirror;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;

/**
 * A small flat mirror that throws the Sun's image on a shaded wall. Its normal halves the angle between the Sun and the
 * target (law of reflection).
 */
final readonly class FlatMirror
{
    /** Nearer to edge-on than this the light only grazes the glass (own judgement). */
    public const GRAZING_DEG = 75.0;
    private const REACH_SECONDS = 3600;
    private const STEP_SECONDS = 5;

    private function __construct(
        private Vector3 $normal,
        private Vector3 $throw,
        private SunPosition $sun,
        private SunTrack $track,
        private float $wallBearingDeg,
    ) {}

    /**
     * @param float $wallBearingDeg direction in which the wall looks
     *
     * @throws SiteException when the target is where the mirror is
     */
    public static function aimed(SunPosition $sun, SunTrack $track, Thing $mirror, Thing $target, float $wallBearingDeg): self
    {
        $throw = new Vector3(
            $target->at()->eastM - $mirror->at()->eastM,
            $target->at()->northM - $mirror->at()->northM,
            $target->heightM - $mirror->heightM,
        );
        if ($throw->length() < 0.1) {
            throw SiteException::noThrow($mirror->name, $target->name);
        }
        $toTarget = $throw->times(1 / $throw->length());
        $bisector = $sun->direction()->minus($toTarget->times(-1));
        // Straight away from the Sun there is no way to tilt it: the normal is then square to the beam.
        $length = max(1e-9, $bisector->length());

        return new self($bisector->times(1 / $length), $throw, $sun, $track, $wallBearingDeg);
    }

    /** How far its face leans back from upright; 90° lies flat, face up. */
    public function tiltDeg(): float
    {
        return rad2deg($this->normal->latitudeRad());
    }

    /** Direction in which its face looks. */
    public function bearingDeg(): float
    {
        return Angle::positiveDeg(rad2deg(atan2($this->normal->x, $this->normal->y)));
    }

    /** Between the rays and the normal. */
    public function incidenceDeg(): float
    {
        return rad2deg(acos(max(-1.0, min(1.0, $this->normal->dot($this->sun->direction())))));
    }

    public function throwM(): float
    {
        return $this->throw->length();
    }

    /** Width of the Sun's image on a screen square to the beam, L·2·tan(s/2). */
    public function imageM(): float
    {
        return $this->throwM() * 2 * tan(deg2rad($this->sun->semidiameterDeg));
    }

    /**
     * Where the spot is after a while with the mirror left alone, in metres from the target on the wall.
     *
     * @return array{rightM: float, upM: float}|null as seen by somebody who faces the wall; null when it has left the wall
     */
    public function walk(float $seconds): ?array
    {
        $sun = $this->track->at($this->sun->julianDateUt + $seconds / 86400)->direction();
        $reflected = $this->normal->times(2 * $sun->dot($this->normal))->minus($sun);
        $bearing = deg2rad($this->wallBearingDeg);
        $outward = new Vector3(sin($bearing), cos($bearing), 0.0);
        $closing = $reflected->dot($outward);
        $distance = $this->throw->dot($outward);
        if ($closing * $distance <= 0) {
            return null;
        }
        $hit = $reflected->times($distance / $closing)->minus($this->throw);

        // Facing the wall one looks against its outward direction; the right hand is then at that direction less 90°.
        return ['rightM' => $hit->dot(new Vector3(-cos($bearing), sin($bearing), 0.0)), 'upM' => $hit->z];
    }

    /** Seconds until the spot has walked so far, null within the hour when it has not. */
    public function secondsToWalk(float $metres): ?int
    {
        for ($seconds = self::STEP_SECONDS; $seconds <= self::REACH_SECONDS; $seconds += self::STEP_SECONDS) {
            $walk = $this->walk((float) $seconds);
            if ($walk === null || hypot($walk['rightM'], $walk['upM']) > $metres) {
                return $seconds - self::STEP_SECONDS;
            }
        }

        return null;
    }

    public function isGrazing(): bool
    {
        return $this->incidenceDeg() > self::GRAZING_DEG;
    }
}
