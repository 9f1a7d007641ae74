<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Geometry\Rotation;
use KeenShadow\Core\Time\JulianDate;

/**
 * Where the Earth's equator, equinox and prime meridian are: precession IAU 2006 by its Fukushima–Williams angles
 * with the frame bias in them (Capitaine, Wallace & Chapront, Astron. Astrophys. 412 (2003) 567; Hilton et al.,
 * Celest. Mech. 94 (2006) 351), nutation IAU 2000B (McCarthy & Luzum, Celest. Mech. 85 (2003) 37), sidereal time
 * from the Earth rotation angle (Capitaine, Wallace & McCarthy, Astron. Astrophys. 406 (2003) 1135).
 * No polar motion: below 0.5″ on the ground, 15 m.
 */
final readonly class EarthOrientation
{
    /** Turns of the Earth for a turn of mean solar time. */
    public const TURNS_PER_DAY = 1.00273781191135448;

    /**
     * @param Rotation $icrsToTrueEquator to the true equator and equinox of date
     * @param float $siderealAngleIfUt1WereTtRad Greenwich apparent sidereal time with TT put for UT1; the true one
     *     is less by ΔT·1.00273781·15″
     */
    private function __construct(
        public Rotation $icrsToTrueEquator,
        public float $siderealAngleIfUt1WereTtRad,
    ) {}

    public static function at(float $julianDateTt): self
    {
        $t = JulianDate::centuries($julianDateTt);
        [$dPsi, $dEps, $node] = self::nutation($t);
        $obliquity = self::arcsec($t, [84381.406, -46.836769, -0.0001831, 0.00200340, -0.000000576, -0.0000000434]);
        $gamma = self::arcsec($t, [-0.052928, 10.556378, 0.4932044, -0.00031238, -0.000002788, 0.0000000260]);
        $phi = self::arcsec($t, [84381.412819, -46.811016, 0.0511268, 0.00053289, -0.000000440, -0.0000000176]);
        $psi = self::arcsec($t, [-0.041775, 5038.481484, 1.5584175, -0.00018522, -0.000026452, -0.0000000148]);
        $rotation = Rotation::aboutZ($gamma)
            ->then(Rotation::aboutX($phi))
            ->then(Rotation::aboutZ(-$psi - $dPsi))
            ->then(Rotation::aboutX(-$obliquity - $dEps));

        $days = $julianDateTt - JulianDate::J2000;
        $rotationAngle = Angle::TAU * (0.7790572732640 + fmod($days, 1.0) + (self::TURNS_PER_DAY - 1) * $days);
        $meanMinusAngle = self::arcsec($t, [0.014506, 4612.156534, 1.3915817, -0.00000044, -0.000029956, -0.0000000368]);
        $equationOfEquinoxes = $dPsi * cos($obliquity)
            + (0.00264096 * sin($node) + 0.00006352 * sin(2 * $node)) * Angle::ARCSEC;

        return new self(
            $rotation,
            Angle::positiveRad($rotationAngle + $meanMinusAngle + $equationOfEquinoxes),
        );
    }

    /** @return array{float, float, float} Δψ, Δε and the longitude of the Moon's node, radians */
    private static function nutation(float $t): array
    {
        $l = self::arcsec($t, [485868.249036, 1717915923.2178]);
        $lPrime = self::arcsec($t, [1287104.79305, 129596581.0481]);
        $f = self::arcsec($t, [335779.526232, 1739527262.8478]);
        $d = self::arcsec($t, [1072260.70369, 1602961601.2090]);
        $node = self::arcsec($t, [450160.398036, -6962890.5431]);
        $psi = 0.0;
        $eps = 0.0;
        foreach (self::nutationTerms() as [$nl, $nlPrime, $nf, $nd, $nNode, $ps, $pst, $pc, $ec, $ect, $es]) {
            $argument = $nl * $l + $nlPrime * $lPrime + $nf * $f + $nd * $d + $nNode * $node;
            $sin = sin($argument);
            $cos = cos($argument);
            $psi += ($ps + $pst * $t) * $sin + $pc * $cos;
            $eps += ($ec + $ect * $t) * $cos + $es * $sin;
        }

        // −0.135 and +0.388 mas stand for the planetary terms in this model.
        return [($psi * 1e-7 - 0.000135) * Angle::ARCSEC, ($eps * 1e-7 + 0.000388) * Angle::ARCSEC, $node];
    }

    /** @return list<array{int, int, int, int, int, int, int, int, int, int, int}> as the data file explains them */
    private static function nutationTerms(): array
    {
        /** @var list<array{int, int, int, int, int, int, int, int, int, int, int}>|null $terms */
        static $terms = null;
        if ($terms === null) {
            /** @var list<array{int, int, int, int, int, int, int, int, int, int, int}> $terms */
            $terms = require __DIR__ . '/../../data/nutation-iau2000b.php';
        }

        return $terms;
    }

    /** @param non-empty-list<float> $coefficients in arcseconds */
    private static function arcsec(float $t, array $coefficients): float
    {
        return (new Polynomial($coefficients))->at($t) * Angle::ARCSEC;
    }
}
