<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Demonstrations;

use KeenShadow\Core\Training\TrainingException;

/**
 * Sun, Earth and Moon to one scale in a yard, all of it between the two farthest spots. Nominal radii of Sun and Earth (IAU 2015 resolution B3), radius and mean
 * distance of the Moon 1737.4 and 384 400 km, the astronomical unit (IAU 2012 resolution B2); from memory.
 */
final readonly class ScaleModel
{
    private const UNIT_KM = 149_597_870.7;
    private const SUN_KM = 2 * 695_700.0;
    private const EARTH_KM = 2 * 6_378.1;
    private const MOON_KM = 2 * 1_737.4;
    private const MOON_AWAY_KM = 384_400.0;
    /** Of the Moon's way against the Earth's (Meeus, ch. 47; from memory). */
    private const TILT_DEG = 5.145;
    public const LEAST_M = 1.0;
    private const MOST_M = 100_000.0;

    private function __construct(public float $yardM) {}

    /** @throws TrainingException unless it is a length of a yard */
    public static function in(float $yardM): self
    {
        return $yardM >= self::LEAST_M && $yardM <= self::MOST_M ? new self($yardM) : throw TrainingException::notOneOf('yard_m', (string) $yardM);
    }

    public function sunMm(): float
    {
        return $this->mm(self::SUN_KM);
    }

    public function earthMm(): float
    {
        return $this->mm(self::EARTH_KM);
    }

    public function moonMm(): float
    {
        return $this->mm(self::MOON_KM);
    }

    /** From the Earth to the Moon. */
    public function moonAwayMm(): float
    {
        return $this->mm(self::MOON_AWAY_KM);
    }

    /** How far above or below a ring of such a radius the Moon goes: mostly its shadow misses. */
    public static function aboveMm(float $ringMm): float
    {
        return $ringMm * sin(deg2rad(self::TILT_DEG));
    }

    /** By how many diameters of the Earth the Moon's shadow goes by at most. */
    public static function missesByEarths(): float
    {
        return self::MOON_AWAY_KM * sin(deg2rad(self::TILT_DEG)) / self::EARTH_KM;
    }

    private function mm(float $km): float
    {
        return 1000 * $this->yardM * $km / self::UNIT_KM;
    }
}
