<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Rotation;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Time\JulianDate;

/**
 * Where a planet stands and how bright it is: Keplerian elements (Standish, in core/data/planets.php), brightness as
 * in the Astronomical Almanac since 1984 (Meeus, Astronomical Algorithms, ch. 41, from memory), without Saturn's rings. Light time and
 * aberration (below 0.3′) and the planet's parallax (below 0.5′) are left out: it is for pointing.
 */
final readonly class PlanetPlace
{
    private const OBLIQUITY_J2000_DEG = 23.43928;
    private const STEPS = 8;

    /** @param Vector3 $direction unit vector, true equator and equinox of date */
    private function __construct(public Planet $planet, public Vector3 $direction, public float $magnitude) {}

    public static function at(Planet $planet, float $julianDateTt): self
    {
        $t = JulianDate::centuries($julianDateTt);
        $earth = self::heliocentric('earth', $t);
        $there = self::heliocentric($planet->value, $t);
        $seen = $there->minus($earth);
        $toEquator = Rotation::aboutX(-deg2rad(self::OBLIQUITY_J2000_DEG));

        return new self(
            $planet,
            EarthOrientation::at($julianDateTt)->icrsToTrueEquator->apply($toEquator->apply($seen))->unit(),
            self::magnitude($planet, $there, $seen),
        );
    }

    public function rightAscensionDeg(): float
    {
        return Angle::positiveDeg(rad2deg($this->direction->longitudeRad()));
    }

    public function declinationDeg(): float
    {
        return rad2deg($this->direction->latitudeRad());
    }

    /** Place relative to the Sun in au, mean ecliptic J2000. */
    private static function heliocentric(string $body, float $t): Vector3
    {
        [$a, $e, $incl, $longitude, $perihelion, $node] = self::elements($body, $t);
        $mean = Angle::signedRad(deg2rad(fmod($longitude - $perihelion, 360)));
        $eccentric = $mean;
        for ($i = 0; $i < self::STEPS; ++$i) {
            $eccentric -= ($eccentric - $e * sin($eccentric) - $mean) / (1 - $e * cos($eccentric));
        }
        $inPlane = new Vector3($a * (cos($eccentric) - $e), $a * sqrt(1 - $e ** 2) * sin($eccentric), 0);

        return Rotation::aboutZ(-deg2rad($perihelion - $node))->then(Rotation::aboutX(-deg2rad($incl)))->then(Rotation::aboutZ(-deg2rad($node)))->apply($inPlane);
    }

    /** @return list<float> at a moment, in the order of the data file */
    private static function elements(string $body, float $t): array
    {
        /** @var array<string, list<float>>|null $all */
        static $all = null;
        if ($all === null) {
            /** @var array<string, list<float>> $all */
            $all = require __DIR__ . '/../../data/planets.php';
        }

        return array_map(static fn(float $now, float $rate): float => $now + $rate * $t, array_slice($all[$body], 0, 6), array_slice($all[$body], 6));
    }

    /**
     * @param Vector3 $there from the Sun
     * @param Vector3 $seen from the Earth
     */
    private static function magnitude(Planet $planet, Vector3 $there, Vector3 $seen): float
    {
        $phase = rad2deg(acos(max(-1.0, min(1.0, $there->unit()->dot($seen->unit())))));
        $far = 5 * log10($there->length() * $seen->length());

        return $far + match ($planet) {
            Planet::Mercury => -0.42 + 0.0380 * $phase - 0.000273 * $phase ** 2 + 0.000002 * $phase ** 3,
            Planet::Venus => -4.40 + 0.0009 * $phase + 0.000239 * $phase ** 2 - 0.00000065 * $phase ** 3,
            Planet::Mars => -1.52 + 0.016 * $phase,
            Planet::Jupiter => -9.40 + 0.005 * $phase,
            Planet::Saturn => -8.88,
        };
    }
}
