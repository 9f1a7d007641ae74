<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

/** The clauses of ISO 12312-2:2015 (from memory) that a scan can judge. */
enum Clause: string
{
    /** Luminous transmittance from 0.000032 % to 0.0032 %. */
    case Luminous = 'luminous';
    /** Solar UV-A not above the luminous transmittance. */
    case Uva = 'uva';
    /** Solar UV-B not above it either. */
    case Uvb = 'uvb';
    /** Solar infrared not above 3 %. */
    case Infrared = 'ir';
    /** Luminous transmittance of right and left lens within 20 % of each other. */
    case RightLeft = 'right_left';

    public const LEAST_LUMINOUS = 3.2e-7;
    public const MOST_LUMINOUS = 3.2e-5;
    public const MOST_INFRARED = 0.03;
    /** Of the lighter over the darker: the stricter reading, 20 % of the darker. */
    public const MOST_RIGHT_LEFT = 1.2;
    /** Of the lightest place of a lens over the darkest: 10 % of the darker. */
    public const MOST_UNEVEN = 1.1;
    private const ROUNDING = 1e-9;

    /** Whether one value is above another, by more than sums of some hundred numbers are off. */
    public static function exceeds(float $value, float $limit): bool
    {
        return $value > $limit * (1 + self::ROUNDING);
    }

    /** Of a luminous transmittance that lies between two values: met or not when all between is, undecided when a limit lies there. */
    public static function ofLuminous(float $least, float $most): Outcome
    {
        return match (true) {
            self::exceeds($least, self::MOST_LUMINOUS), self::exceeds(self::LEAST_LUMINOUS, $most) => Outcome::NotMet,
            self::exceeds($most, self::MOST_LUMINOUS), self::exceeds(self::LEAST_LUMINOUS, $least) => Outcome::Undecided,
            default => Outcome::Met,
        };
    }
}
