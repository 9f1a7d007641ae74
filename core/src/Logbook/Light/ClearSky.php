<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Light;

use KeenShadow\Core\Sky\Sunlight;
use KeenShadow\Core\Sky\SunTrack;
use KeenShadow\Core\Time\JulianDate;

/** The direct light of the Sun that a meter would have shown under a clear sky, with the Moon before it. */
final readonly class ClearSky
{
    public function __construct(
        private SunTrack $track,
        private Sensor $sensor,
    ) {}

    /** In lux; 0 with the Sun down. */
    public function luxAt(float $atS): float
    {
        return $this->uneclipsedLuxAt($atS) * (1 - $this->track->lightCoveredAt(self::julianDate($atS)));
    }

    /** The same without the Moon. */
    public function uneclipsedLuxAt(float $atS): float
    {
        $altitudeDeg = $this->track->at(self::julianDate($atS))->altitudeDeg;

        return Sunlight::directLux($altitudeDeg) * ($this->sensor === Sensor::Flat ? sin(deg2rad(max(0.0, $altitudeDeg))) : 1.0);
    }

    private static function julianDate(float $atS): float
    {
        return JulianDate::UNIX_EPOCH + $atS / 86400;
    }
}
