<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/** One eclipse of the Moon; its contacts are the same for everyone who has the Moon up. */
final readonly class LunarEclipse
{
    private const RADIANS_PER_SECOND = EarthOrientation::TURNS_PER_DAY * Angle::TAU / 86400;

    /**
     * @param float $t0JulianDateTt a whole hour of Terrestrial Time
     * @param Polynomial $muRad Greenwich hour angle of the Moon, computed as if UT1 were TT, by hours since t₀
     * @param Polynomial $dRad declination of the Moon
     * @param float $gamma least distance of the Moon's centre from the axis, north positive, in equatorial radii
     * @param float $magnitude fraction of the Moon's diameter in the umbra, negative in a penumbral eclipse
     * @param array<string, float> $hours by LunarContactName value, since t₀, in order of time
     */
    public function __construct(
        public float $t0JulianDateTt,
        public Polynomial $muRad,
        public Polynomial $dRad,
        public LunarKind $kind,
        public float $gamma,
        public float $magnitude,
        public DeltaT $deltaT,
        public array $hours,
    ) {}

    public function greatestJulianDateTt(): float
    {
        return $this->t0JulianDateTt + $this->hours[LunarContactName::Maximum->value] / 24;
    }

    /** Greatest eclipse in UTC. */
    public function greatest(): DateTimeImmutable
    {
        return $this->time(LunarContactName::Maximum) ?? JulianDate::toDateTime($this->greatestJulianDateTt());
    }

    /** The UTC date of greatest eclipse. */
    public function date(): string
    {
        return $this->greatest()->format('Y-m-d');
    }

    /** A contact in UTC, null where there is none. */
    public function time(LunarContactName $name): ?DateTimeImmutable
    {
        $hours = $this->hours[$name->value] ?? null;

        return $hours === null ? null : JulianDate::toDateTime($this->t0JulianDateTt + $hours / 24 - $this->deltaT->seconds / 86400);
    }

    /** @return list<LunarContactName> those that happen, in order of time */
    public function contacts(): array
    {
        return array_map(LunarContactName::from(...), array_keys($this->hours));
    }

    /** Length of totality, or else of the umbral phase, in seconds; null in a penumbral eclipse. */
    public function durationSeconds(): ?float
    {
        [$from, $to] = $this->kind === LunarKind::Total ? [LunarContactName::U2, LunarContactName::U3] : [LunarContactName::U1, LunarContactName::U4];
        $begin = $this->hours[$from->value] ?? null;
        $end = $this->hours[$to->value] ?? null;

        return $begin === null || $end === null ? null : ($end - $begin) * 3600;
    }

    /**
     * Where the Moon stands in the zenith at greatest eclipse, degrees.
     *
     * @return array{latDeg: float, lonDeg: float}
     */
    public function zenithPlace(): array
    {
        $hours = $this->hours[LunarContactName::Maximum->value];

        return [
            'latDeg' => rad2deg($this->dRad->at($hours)),
            'lonDeg' => rad2deg(Angle::signedRad(-$this->hourAngleRad($hours))),
        ];
    }

    /** Altitude of the Moon's centre at a contact, without refraction and with its mean parallax of 57′. */
    public function moonAltitudeDeg(LunarContactName $name, Observer $observer): float
    {
        $hours = $this->hours[$name->value];
        $d = $this->dRad->at($hours);
        $altitude = asin(sin($observer->latRad) * sin($d)
            + cos($observer->latRad) * cos($d) * cos($this->hourAngleRad($hours) + $observer->lonRad));

        return rad2deg($altitude) - 57 / 60 * cos($altitude);
    }

    private function hourAngleRad(float $hours): float
    {
        return $this->muRad->at($hours) - $this->deltaT->seconds * self::RADIANS_PER_SECOND;
    }
}
