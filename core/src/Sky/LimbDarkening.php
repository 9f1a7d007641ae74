<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\TwoCircles;

/** The Sun's disc is brighter in its middle than at its edge: I(μ) = 1 − u·(1 − μ), μ the cosine of the angle at the Sun's surface. */
final class LimbDarkening
{
    /** At 550 nm (Allen's Astrophysical Quantities, from memory). */
    public const U = 0.6;

    private const RINGS = 200;

    /** Brightness at a distance from the middle of the disc, in its radii, over that of the middle; 0 outside. */
    public static function at(float $radii): float
    {
        return $radii >= 1.0 ? 0.0 : 1 - self::U * (1 - sqrt(1 - $radii * $radii));
    }

    /** Mean brightness of the whole disc over that of its middle, 1 − u/3. */
    public static function mean(): float
    {
        return 1 - self::U / 3;
    }

    /**
     * The share of the Sun's light that a Moon takes away, 0 … 1: less than of its area while the Moon covers the edge, more when only the
     * edge is left. Ring by ring, of each as much as the difference of two covered discs; the rings are even in μ, so that the edge is not cut off.
     *
     * @param float $diameterRatio the Moon's over the Sun's
     * @param float $separation of the centres, in the Sun's radii
     */
    public static function covered(float $diameterRatio, float $separation): float
    {
        [$covered, $whole] = [0.0, 0.0];
        [$coveredWithin, $areaWithin] = [0.0, 0.0];
        for ($ring = 1; $ring <= self::RINGS; ++$ring) {
            $area = 1 - (1 - $ring / self::RINGS) ** 2;
            $hidden = $area * TwoCircles::coveredFraction(sqrt($area), $diameterRatio, $separation);
            $brightness = 1 - self::U * ($ring - 0.5) / self::RINGS;
            $covered += ($hidden - $coveredWithin) * $brightness;
            $whole += ($area - $areaWithin) * $brightness;
            [$coveredWithin, $areaWithin] = [$hidden, $area];
        }

        return $covered / $whole;
    }
}
