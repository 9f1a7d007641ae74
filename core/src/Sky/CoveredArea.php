<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\TwoCircles;

/**
 * How much of the Sun's area the Moon covers. Half and full shadow are computed with two radii of the Moon (METHODS, Sky); the larger one
 * would cover all of the Sun about a kilometre beyond the limit of totality, where beads still shine. All is covered in the full shadow alone.
 */
final class CoveredArea
{
    /** A contact is found to this, in equatorial radii: some metres. */
    private const AT_CONTACT = 1e-6;
    /** What is not all is never told as all, to six digits. */
    private const ALMOST_ALL = 1 - 1e-6;

    /**
     * A fraction, 0 … 1.
     *
     * @param float $ratio of the diameters, the Moon's over the Sun's
     * @param float $separation of the centres, in the Sun's semidiameters
     * @param float $depthInUmbra of the observer, in equatorial radii; negative outside
     */
    public static function of(float $ratio, float $separation, float $depthInUmbra): float
    {
        $covered = TwoCircles::coveredFraction(1.0, $ratio, $separation);

        return $depthInUmbra < -self::AT_CONTACT ? min(self::ALMOST_ALL, $covered) : $covered;
    }
}
