<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Shadow;

use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Sky\SunPosition;

/** A straight tube that points at the Sun, its lower end at a fixed height. Lengths in metres. */
final readonly class LongTube
{
    public const MOST_LENGTH_M = 10.0;

    private function __construct(
        public float $lengthM,
        public float $lowerEndM,
    ) {}

    /** @throws SiteException when a length is out of range */
    public static function of(float $lengthM, float $lowerEndM): self
    {
        if (!($lengthM > 0 && $lengthM <= self::MOST_LENGTH_M)) {
            throw SiteException::outOfRange('tube_m', 'tube_m', $lengthM, 0.01, self::MOST_LENGTH_M);
        }
        if (!($lowerEndM >= 0 && $lowerEndM <= self::MOST_LENGTH_M)) {
            throw SiteException::outOfRange('lower_end_m', 'lower_end_m', $lowerEndM, 0, self::MOST_LENGTH_M);
        }

        return new self($lengthM, $lowerEndM);
    }

    /** Height above the ground of a point so far up the tube: of its upper end, or of an upright prop there. */
    public function heightM(SunPosition $sun, float $upTheTubeM): float
    {
        return $this->lowerEndM + $upTheTubeM * sin(deg2rad($sun->altitudeDeg));
    }

    /** How far from below the lower end an upright prop stands, on the Sun's side. */
    public function footM(SunPosition $sun, float $upTheTubeM): float
    {
        return $upTheTubeM * cos(deg2rad($sun->altitudeDeg));
    }
}
