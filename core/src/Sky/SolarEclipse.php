<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\PlanePath;
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

    /** @return self|null null when the shadow misses the Earth */
    public static function ofElements(BesselianElements $elements): ?self
    {
        $hours = (new PlanePath($elements->x, $elements->y))->nearestToOrigin();
        $axis = ShadowAxis::at($elements, $hours);
        $outside = $axis->distanceOutside();
        if ($outside >= $elements->l1->at($hours)) {
            return null;
        }
        $deltaT = DeltaT::atJulianDate($elements->julianDateTt($hours));
        $place = $axis->surfacePoint($deltaT);
        $penumbra = $elements->l1->at($hours) - $place['zeta'] * $elements->tanF1;
        $umbra = $elements->l2->at($hours) - $place['zeta'] * $elements->tanF2;
        $y = $elements->y->at($hours);

        return new self(
            elements: $elements,
            kind: self::kindOf($elements, $hours, $outside, $umbra),
            greatestHours: $hours,
            gamma: ($y < 0 ? -1 : 1) * hypot($elements->x->at($hours), $y),
            magnitude: $outside > 0 ? ($penumbra - $outside) / ($penumbra + $umbra) : ($penumbra - $umbra) / ($penumbra + $umbra),
            latDeg: $place['latDeg'],
            lonDeg: $place['lonDeg'],
            deltaT: $deltaT,
        );
    }

    /**
     * The same with other sizes of Sun and Moon.
     *
     * @throws SkyException when nothing is left of it
     */
    public function withRadii(Radii $radii): self
    {
        return self::ofElements($this->elements->withRadii($radii)) ?? throw SkyException::noEclipseOn($this->date());
    }

    /**
     * All that it is made of, as text: what is computed of two eclipses with the same content is the same.
     */
    public function content(): string
    {
        return implode(' ', [...Catalogue::solarRow($this), ...array_map(static fn(float $n): string => sprintf('%.16g', $n), [
            $this->deltaT->seconds, $this->deltaT->uncertaintySeconds, $this->elements->radii->penumbralK, $this->elements->radii->umbralK, $this->elements->radii->sunKm,
        ])]);
    }

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

    private static function kindOf(BesselianElements $elements, float $hours, float $outside, float $umbra): EclipseKind
    {
        if ($outside > abs($umbra)) {
            return EclipseKind::Partial;
        }
        if ($outside > 0) {
            return $umbra < 0 ? EclipseKind::Total : EclipseKind::Annular;
        }
        // The cone is longest felt where the Earth bulges towards the Moon: a hybrid is annular at an end of its path.
        [$first, $last] = ShadowAxis::spanOnEarth($elements, $hours);
        $begin = self::umbraAt($elements, $first);
        $end = self::umbraAt($elements, $last);

        return match (true) {
            max($begin, $umbra, $end) < 0 => EclipseKind::Total,
            min($begin, $umbra, $end) >= 0 => EclipseKind::Annular,
            default => EclipseKind::Hybrid,
        };
    }

    /** L2 where the axis meets the Earth. */
    private static function umbraAt(BesselianElements $elements, float $hours): float
    {
        $point = ShadowAxis::at($elements, $hours)->surfacePoint(DeltaT::given(0.0));

        return $elements->l2->at($hours) - $point['zeta'] * $elements->tanF2;
    }
}
