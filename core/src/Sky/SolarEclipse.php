<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/**
 * One eclipse of the Sun as a whole. Greatest eclipse is the moment when the axis passes nearest to the Earth's centre.
 */
final readonly class SolarEclipse
{
    /**
     * @param float $gamma least distance of the axis from the Earth's centre, north positive, in equatorial radii
     * @param float $magnitude at the place of greatest eclipse: ratio of the diameters where that is central, else the
     *     fraction of the diameter covered
     * @param float $latDeg of the place of greatest eclipse
     */
    public function __construct(
        public BesselianElements $elements,
        public EclipseKind $kind,
        public float $greatestHours,
        public float $gamma,
        public float $magnitude,
        public float $latDeg,
        public float $lonDeg,
        public DeltaT $deltaT,
    ) {}

    public function greatestJulianDateTt(): float
    {
        return $this->elements->julianDateTt($this->greatestHours);
    }

    /** Greatest eclipse in UTC. */
    public function greatest(): DateTimeImmutable
    {
        return JulianDate::toDateTime($this->greatestJulianDateTt() - $this->deltaT->seconds / 86400);
    }

    /** The UTC date of greatest eclipse, by which an eclipse is known. */
    public function date(): string
    {
        return $this->greatest()->format('Y-m-d');
    }

    /** Length of totality or annularity at the place of greatest eclipse, null when there is none. */
    public function durationSeconds(): ?float
    {
        return $this->circumstances(Observer::at($this->latDeg, $this->lonDeg))->durationSeconds();
    }

    /**
     * @param DeltaT|null $deltaT another ΔT than the model's
     * @param float $aboutHours since t₀, where the maximum is sought first
     */
    public function circumstances(Observer $observer, ?DeltaT $deltaT = null, float $aboutHours = 0.0): LocalCircumstances
    {
        return (new LocalSolver($this->elements))->circumstances($observer, $deltaT ?? $this->deltaT, $aboutHours);
    }
}
