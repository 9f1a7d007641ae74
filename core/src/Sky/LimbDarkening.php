<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** The Sun's disc is brighter in its middle than at its edge: I(μ) = 1 − u·(1 − μ), μ the cosine of the angle at the Sun's surface. */
final class LimbDarkening
{
    /** At 550 nm (Allen's Astrophysical Quantities, from memory). */
    public const U = 0.6;

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
}
