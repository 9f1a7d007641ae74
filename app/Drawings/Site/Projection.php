<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use KeenShadow\Core\Geometry\Angle;

/** Azimuths and altitudes on a picture 1000 units wide, with one scale for both: x grows with the azimuth, y downwards. */
final readonly class Projection
{
    public const WIDTH = 1000;

    public float $height;
    public float $scale;

    /**
     * @param float $leftDeg azimuth at the left edge
     * @param float $widthDeg azimuths from edge to edge
     * @param float $topDeg altitude at the upper edge
     * @param float $bottomDeg altitude at the lower edge
     */
    public function __construct(
        public float $leftDeg,
        public float $widthDeg,
        public float $topDeg,
        public float $bottomDeg,
    ) {
        $this->scale = self::WIDTH / $widthDeg;
        $this->height = round(($topDeg - $bottomDeg) * $this->scale, 1);
    }

    /** How far an azimuth lies to the right of the left edge, all around. */
    public function rightOfLeftDeg(float $azimuthDeg): float
    {
        return Angle::positiveDeg($azimuthDeg - $this->leftDeg);
    }

    public function shows(float $azimuthDeg): bool
    {
        return $this->rightOfLeftDeg($azimuthDeg) < $this->widthDeg;
    }

    /** @param float $rightOfLeftDeg from the left edge, not turned back into a circle */
    public function x(float $rightOfLeftDeg, int $decimals = 1): float
    {
        return round($rightOfLeftDeg * $this->scale, $decimals);
    }

    public function y(float $altitudeDeg): float
    {
        return round(($this->topDeg - $altitudeDeg) * $this->scale, 2);
    }
}
