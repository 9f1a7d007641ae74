<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** How one disc covers another. Lengths in any one unit. */
final class TwoCircles
{
    /**
     * The fraction of the first disc's area that the second disc covers, 0 … 1.
     *
     * Two circular segments make the lens (any text on plane geometry); 1 when the second disc covers all, the
     * squared ratio of the radii when it lies wholly inside.
     */
    public static function coveredFraction(float $radius, float $coverRadius, float $distance): float
    {
        if ($distance >= $radius + $coverRadius) {
            return 0.0;
        }
        if ($distance <= abs($radius - $coverRadius)) {
            return $coverRadius >= $radius ? 1.0 : ($coverRadius / $radius) ** 2;
        }
        $half = acos(self::clamp(($distance ** 2 + $radius ** 2 - $coverRadius ** 2) / (2 * $distance * $radius)));
        $coverHalf = acos(self::clamp(($distance ** 2 + $coverRadius ** 2 - $radius ** 2) / (2 * $distance * $coverRadius)));
        $lens = $radius ** 2 * ($half - sin($half) * cos($half))
            + $coverRadius ** 2 * ($coverHalf - sin($coverHalf) * cos($coverHalf));

        return max(0.0, min(1.0, $lens / (M_PI * $radius ** 2)));
    }

    /**
     * Where the second circle cuts the first: how far from the first one's centre towards the second's, and how far to either
     * side of that line; null where they do not cut.
     *
     * @return array{float, float}|null
     */
    public static function cut(float $radius, float $coverRadius, float $distance): ?array
    {
        if ($distance <= abs($radius - $coverRadius) || $distance >= $radius + $coverRadius) {
            return null;
        }
        $along = ($radius ** 2 - $coverRadius ** 2 + $distance ** 2) / (2 * $distance);

        return [$along, sqrt(max(0.0, $radius ** 2 - $along ** 2))];
    }

    private static function clamp(float $cosine): float
    {
        return max(-1.0, min(1.0, $cosine));
    }
}
