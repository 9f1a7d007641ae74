<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Time\JulianDate;

/** Where the Sun is seen at one moment: apparent altitude (refraction in), azimuth, half its width, how much is covered. */
final readonly class SunPosition
{
    public function __construct(
        public float $julianDateUt,
        public float $azimuthDeg,
        public float $altitudeDeg,
        public float $semidiameterDeg,
        public float $obscuration,
    ) {}

    public static function of(LocalView $view): self
    {
        return new self(
            $view->julianDateUt(),
            $view->azimuthDeg(),
            Horizon::apparentAltitudeDeg($view->altitudeDeg()),
            $view->sunSemidiameterDeg(),
            $view->obscuration(),
        );
    }

    public function time(): DateTimeImmutable
    {
        return JulianDate::toDateTime($this->julianDateUt);
    }

    /** Whether its centre stands above the level. */
    public function isUp(): bool
    {
        return $this->altitudeDeg > 0;
    }

    /** Unit vector towards it: east, north, up. */
    public function direction(): Vector3
    {
        return new Vector3(
            sin(deg2rad($this->azimuthDeg)) * cos(deg2rad($this->altitudeDeg)),
            cos(deg2rad($this->azimuthDeg)) * cos(deg2rad($this->altitudeDeg)),
            sin(deg2rad($this->altitudeDeg)),
        );
    }

    /** Length of the shadow of one metre upright on level ground; infinite with the Sun on the horizon or below. */
    public function shadowPerMetre(): float
    {
        return $this->altitudeDeg > 0 ? 1 / tan(deg2rad($this->altitudeDeg)) : INF;
    }

    /** Direction in which shadows fall. */
    public function shadowBearingDeg(): float
    {
        return fmod($this->azimuthDeg + 180, 360);
    }
}
