<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Vector3;

/** The plane through the Earth's centre square to a shadow's axis (Explanatory Supplement, chapter Eclipses). */
final readonly class FundamentalPlane
{
    public float $rightAscensionRad;
    public float $declinationRad;

    /** @param Vector3 $axis unit vector along the axis, on the true equator and equinox of date */
    public function __construct(private Vector3 $axis)
    {
        $this->rightAscensionRad = $axis->longitudeRad();
        $this->declinationRad = $axis->latitudeRad();
    }

    public function east(Vector3 $point): float
    {
        return $point->y * cos($this->rightAscensionRad) - $point->x * sin($this->rightAscensionRad);
    }

    public function north(Vector3 $point): float
    {
        return $point->z * cos($this->declinationRad)
            - ($point->x * cos($this->rightAscensionRad) + $point->y * sin($this->rightAscensionRad)) * sin($this->declinationRad);
    }

    /** Height above the plane along the axis. */
    public function height(Vector3 $point): float
    {
        return $point->dot($this->axis);
    }
}
