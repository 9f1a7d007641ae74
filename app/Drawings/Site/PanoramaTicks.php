<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\Tick;
use App\Text\Angles;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Sky\Compass;

/** The marks along both axes of a horizon view. */
final class PanoramaTicks
{
    /** @return list<Tick> */
    public static function azimuths(Projection $on): array
    {
        $step = $on->widthDeg > 150 ? 30 : ($on->widthDeg > 75 ? 15 : 10);
        $ticks = [];
        for ($azimuth = ceil($on->leftDeg / $step) * $step; $azimuth < $on->leftDeg + $on->widthDeg; $azimuth += $step) {
            $at = $on->x($azimuth - $on->leftDeg);
            if ($at > 25 && $at < Projection::WIDTH - 25) {
                $whole = Angle::positiveDeg($azimuth);
                $ticks[] = new Tick($at, Angles::direction($whole, 0) . (fmod($whole, 45.0) === 0.0 ? ' ' . Compass::nearest($whole)->name : ''));
            }
        }

        return $ticks;
    }

    /** @return list<Tick> */
    public static function altitudes(Projection $on): array
    {
        $ticks = [];
        for ($altitude = 10; $altitude < $on->topDeg - 2; $altitude += $on->topDeg > 40 ? 20 : 10) {
            $ticks[] = new Tick($on->y((float) $altitude), "{$altitude}°");
        }

        return $ticks;
    }
}
