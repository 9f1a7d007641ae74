<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Ellipsoid;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/**
 * What one observer sees of an eclipse at one moment.
 *
 * The observer's place in the fundamental frame and its motion follow Meeus, Elements of Solar Eclipses 1951–2200,
 * and the Explanatory Supplement. (u, v) leads from the observer to the shadow's axis, eastward and northward in
 * equatorial radii; seen in the sky that is the way from the Sun's centre to the Moon's. A dot in the field's books
 * is a "Rate" here, per hour.
 */
final readonly class LocalView
{
    /** Hours by which the Moon's light is ahead at a place one equatorial radius nearer to the Moon. */
    private const LIGHT_HOURS_PER_RADIUS = Ellipsoid::EQUATOR_KM / 299792.458 / 3600;

    private const SECONDS_TO_RAD = EarthOrientation::TURNS_PER_DAY * Angle::TAU / 86400;

    /**
     * @param float $hours Terrestrial Time since the elements' t₀
     * @param float $penumbra L1, the penumbra's radius at the observer's height above the plane
     * @param float $umbra L2, the umbra's, negative inside a total eclipse's cone
     * @param float $hourAngleRad local hour angle of the axis
     * @param float $zeta height of the observer above the plane
     */
    private function __construct(
        private BesselianElements $elements,
        private Observer $observer,
        public DeltaT $deltaT,
        public float $hours,
        public float $u,
        public float $v,
        public float $uRate,
        public float $vRate,
        public float $penumbra,
        public float $umbra,
        public float $penumbraRate,
        public float $umbraRate,
        private float $hourAngleRad,
        private float $dRad,
        private float $zeta,
    ) {}

    public static function at(BesselianElements $elements, Observer $observer, DeltaT $deltaT, float $hours): self
    {
        $t = $hours;
        [$x0, $x1, $x2, $x3, $x4] = $elements->x->coefficients;
        [$y0, $y1, $y2, $y3, $y4] = $elements->y->coefficients;
        [$d0, $d1, $d2, $d3] = $elements->dRad->coefficients;
        [$mu0, $mu1, $mu2] = $elements->muRad->coefficients;
        [$p0, $p1, $p2] = $elements->l1->coefficients;
        [$q0, $q1, $q2] = $elements->l2->coefficients;

        $xRate = $x1 + $t * (2 * $x2 + $t * (3 * $x3 + $t * 4 * $x4));
        $yRate = $y1 + $t * (2 * $y2 + $t * (3 * $y3 + $t * 4 * $y4));
        $d = $d0 + $t * ($d1 + $t * ($d2 + $t * $d3));
        $dRate = $d1 + $t * (2 * $d2 + $t * 3 * $d3);
        $muRate = $mu1 + $t * 2 * $mu2;
        $hourAngle = $mu0 + $t * ($mu1 + $t * $mu2) + $observer->lonRad - $deltaT->seconds * self::SECONDS_TO_RAD;

        $sinD = sin($d);
        $cosD = cos($d);
        $cosH = cos($hourAngle);
        $xi = $observer->rhoCos * sin($hourAngle);
        $eta = $observer->rhoSin * $cosD - $observer->rhoCos * $cosH * $sinD;
        $zeta = $observer->rhoSin * $sinD + $observer->rhoCos * $cosH * $cosD;
        $xiRate = $muRate * $observer->rhoCos * $cosH;
        $etaRate = $muRate * $xi * $sinD - $zeta * $dRate;
        $zetaRate = -$muRate * $xi * $cosD + $eta * $dRate;
        $light = self::LIGHT_HOURS_PER_RADIUS * $zeta;

        return new self(
            elements: $elements,
            observer: $observer,
            deltaT: $deltaT,
            hours: $hours,
            u: $x0 + $t * ($x1 + $t * ($x2 + $t * ($x3 + $t * $x4))) + $xRate * $light - $xi,
            v: $y0 + $t * ($y1 + $t * ($y2 + $t * ($y3 + $t * $y4))) + $yRate * $light - $eta,
            uRate: $xRate - $xiRate,
            vRate: $yRate - $etaRate,
            penumbra: $p0 + $t * ($p1 + $t * $p2) - $zeta * $elements->tanF1,
            umbra: $q0 + $t * ($q1 + $t * $q2) - $zeta * $elements->tanF2,
            penumbraRate: $p1 + $t * 2 * $p2 - $zetaRate * $elements->tanF1,
            umbraRate: $q1 + $t * 2 * $q2 - $zetaRate * $elements->tanF2,
            hourAngleRad: $hourAngle,
            dRad: $d,
            zeta: $zeta,
        );
    }

    /** The same place at another moment. */
    public function after(float $hours): self
    {
        return self::at($this->elements, $this->observer, $this->deltaT, $this->hours + $hours);
    }

    /** Julian date in UT1, which UTC follows within 0.9 s. */
    public function julianDateUt(): float
    {
        return $this->elements->julianDateTt($this->hours) - $this->deltaT->seconds / 86400;
    }

    /** UTC, taken as UT1. */
    public function time(): DateTimeImmutable
    {
        return JulianDate::toDateTime($this->julianDateUt());
    }

    /** Distance of the centres, in the Sun's semidiameters. */
    public function separation(): float
    {
        return hypot($this->u, $this->v) / $this->sunRadius();
    }

    /** The Moon's apparent diameter over the Sun's, with the penumbral k. */
    public function diameterRatio(): float
    {
        return ($this->penumbra - $this->sunRadius()) / $this->sunRadius();
    }

    /** Fraction of the Sun's diameter covered, (s + m − distance)/2s also inside totality; 0 when apart. */
    public function magnitude(): float
    {
        return max(0.0, $this->signedMagnitude());
    }

    /** The same, negative by how much the Moon misses the Sun. */
    public function signedMagnitude(): float
    {
        return ($this->penumbra - hypot($this->u, $this->v)) / (2 * $this->sunRadius());
    }

    /** How far the axis passes to the left of the observer as the shadow goes, in equatorial radii; to the right is negative. At the maximum it is all of the distance. */
    public function sideways(): float
    {
        return ($this->uRate * $this->v - $this->vRate * $this->u) / hypot($this->uRate, $this->vRate);
    }

    /** How deep the observer stands inside the umbra, in equatorial radii; negative outside. */
    public function depthInUmbra(): float
    {
        return abs($this->umbra) - hypot($this->u, $this->v);
    }

    /** Fraction of the Sun's area covered, 0 … 1; 1 in totality alone. */
    public function obscuration(): float
    {
        return CoveredArea::of($this->diameterRatio(), $this->separation(), $this->depthInUmbra());
    }

    /** Fraction of the Sun's light taken away, its edge being darker than its middle. */
    public function lightCovered(): float
    {
        return LimbDarkening::covered($this->diameterRatio(), $this->separation());
    }

    /** Direction from the Sun's centre to the Moon's, degrees from celestial north through east. */
    public function moonFromNorthDeg(): float
    {
        return Angle::positiveDeg(rad2deg(atan2($this->u, $this->v)));
    }

    /** The same direction from the zenith, turning the same way (anticlockwise in the sky). */
    public function moonFromZenithDeg(): float
    {
        return Angle::positiveDeg($this->moonFromNorthDeg() - $this->parallacticDeg());
    }

    /**
     * The parallactic angle q: at the Sun, from celestial north to the zenith, anticlockwise in the sky; positive in the
     * west (Meeus, Astronomical Algorithms, ch. 14). From the zenith's part square to the direction of the Sun, so that
     * it holds with the Sun overhead as well.
     */
    public function parallacticDeg(): float
    {
        $sun = $this->sunDirection();
        $upward = $this->zenith()->minus($sun->times($sun->dot($this->zenith())));

        return rad2deg(atan2($upward->x, $upward->y));
    }

    /** True altitude of the Sun's centre, parallax in, refraction left out. */
    public function altitudeDeg(): float
    {
        return rad2deg(asin(max(-1.0, min(1.0, $this->sunDirection()->dot($this->zenith())))));
    }

    /** Azimuth of the Sun's centre from north through east, 0 … 360. */
    public function azimuthDeg(): float
    {
        [$sinLat, $cosLat] = [sin($this->observer->latRad), cos($this->observer->latRad)];
        [$sinH, $cosH] = [sin($this->hourAngleRad), cos($this->hourAngleRad)];
        [$sinD, $cosD] = [sin($this->dRad), cos($this->dRad)];
        $east = new Vector3($cosH, $sinH * $sinD, -$sinH * $cosD);
        $north = new Vector3(-$sinLat * $sinH, $cosLat * $cosD + $sinLat * $cosH * $sinD, $cosLat * $sinD - $sinLat * $cosH * $cosD);

        return Angle::positiveDeg(rad2deg(atan2($this->sunDirection()->dot($east), $this->sunDirection()->dot($north))));
    }

    /** Whether any of the Sun stands above a level horizon: upper limb, 34′ of refraction, no dip. */
    public function isSunUp(): bool
    {
        return $this->altitudeDeg() > Horizon::riseSetAltitudeDeg($this->sunSemidiameterDeg());
    }

    /** The Sun's apparent semidiameter for this observer. */
    public function sunSemidiameterDeg(): float
    {
        return rad2deg(asin($this->elements->radii->sunEarthRadii() / ($this->elements->sunDistance - $this->zeta)));
    }

    /** The Sun's radius as the length on the plane that L1 and the Moon's radius go with. */
    private function sunRadius(): float
    {
        $sameK = $this->umbra - ($this->elements->radii->penumbralK - $this->elements->radii->umbralK);

        return ($this->penumbra + $sameK) / 2;
    }

    /** Unit vector towards the geodetic zenith in the fundamental frame: east, north, towards the Moon. */
    private function zenith(): Vector3
    {
        $lat = $this->observer->latRad;
        $towardsSun = cos($lat) * cos($this->hourAngleRad);

        return new Vector3(
            cos($lat) * sin($this->hourAngleRad),
            sin($lat) * cos($this->dRad) - $towardsSun * sin($this->dRad),
            sin($lat) * sin($this->dRad) + $towardsSun * cos($this->dRad),
        );
    }

    /** Unit vector from the observer to the Sun in the fundamental frame. */
    private function sunDirection(): Vector3
    {
        return (new Vector3($this->u, $this->v, $this->elements->sunDistance - $this->zeta))->unit();
    }
}
