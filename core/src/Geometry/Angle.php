<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** Conversions and reductions of angles. */
final class Angle
{
    public const TAU = 2 * M_PI;

    /** One arcsecond in radians. */
    public const ARCSEC = M_PI / 648000;

    /** The same direction in 0 ≤ angle < 2π. */
    public static function positiveRad(float $rad): float
    {
        $r = fmod($rad, self::TAU);
        $r = $r < 0 ? $r + self::TAU : $r;

        // A hair below nothing plus a whole turn rounds to the whole turn.
        return $r < self::TAU ? $r : 0.0;
    }

    /** The same direction in −π < angle ≤ π. */
    public static function signedRad(float $rad): float
    {
        $r = self::positiveRad($rad);

        return $r > M_PI ? $r - self::TAU : $r;
    }

    /**
     * A running angle freed of its jumps of a whole turn.
     *
     * @param list<float> $rad what was found, each in any turn
     * @param list<float> $expectedRad roughly how far it runs at each place, from any zero
     *
     * @return list<float> the same angles, each in the turn that goes with the first
     */
    public static function unwrappedRad(array $rad, array $expectedRad): array
    {
        $unwrapped = [];
        foreach ($rad as $k => $angle) {
            $turned = $rad[0] + $expectedRad[$k] - $expectedRad[0];
            $unwrapped[] = $turned + self::signedRad($angle - $turned);
        }

        return $unwrapped;
    }

    /** The same direction in 0 ≤ angle < 360. */
    public static function positiveDeg(float $deg): float
    {
        $d = fmod($deg, 360.0);
        $d = $d < 0 ? $d + 360.0 : $d;

        return $d < 360.0 ? $d : 0.0;
    }

    /** The same direction in −180 < angle ≤ 180. */
    public static function signedDeg(float $deg): float
    {
        $d = self::positiveDeg($deg);

        return $d > 180.0 ? $d - 360.0 : $d;
    }
}
