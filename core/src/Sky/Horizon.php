<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** The level horizon and the bending of light near it. */
final class Horizon
{
    /** Refraction at the horizon, 34′, as almanacs take it. */
    public const REFRACTION_DEG = 34 / 60;

    /** True altitude of the Sun's centre when its upper limb appears or goes. */
    public static function riseSetAltitudeDeg(float $semidiameterDeg): float
    {
        return -self::REFRACTION_DEG - $semidiameterDeg;
    }

    /**
     * Refraction to add to a true altitude, in degrees: Sæmundsson, Sky & Telescope 72 (1986) 70, made to agree with
     * Bennett, Journal of Navigation 35 (1982) 255; 1010 hPa, 10 °C. Good to 0.07′ above the horizon; below −1° it is
     * faded out, since nothing is seen there.
     */
    public static function refractionDeg(float $trueAltitudeDeg): float
    {
        $h = max($trueAltitudeDeg, -1.0);
        $minutes = 1.02 / tan(deg2rad($h + 10.3 / ($h + 5.11)));
        $fade = $trueAltitudeDeg < -1.0 ? max(0.0, 2.0 + $trueAltitudeDeg) : 1.0;

        return max(0.0, $minutes / 60) * $fade;
    }

    /** The altitude at which a thing is seen. */
    public static function apparentAltitudeDeg(float $trueAltitudeDeg): float
    {
        return $trueAltitudeDeg + self::refractionDeg($trueAltitudeDeg);
    }
}
