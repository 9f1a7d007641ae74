<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Time\JulianDate;

/**
 * A new or full Moon and whether it may bring an eclipse, by Meeus, Astronomical Algorithms, ch. 54 (from memory).
 * The time is good to some minutes, γ to 0.01: enough to know where to compute in earnest.
 */
final readonly class Syzygy
{
    private const MONTH_DAYS = 29.530588861;

    private function __construct(
        public float $julianDateTt,
        public float $gamma,
    ) {}

    /** Number of the lunation whose new Moon is nearest to a Julian date; 0 is that of 6 January 2000. */
    public static function lunationNear(float $julianDate): int
    {
        return (int) round(($julianDate - 2451550.09766) / self::MONTH_DAYS);
    }

    public static function newMoon(int $lunation): self
    {
        return self::at($lunation, -0.4075, 0.1721);
    }

    /** The full Moon half a month after that lunation's new Moon. */
    public static function fullMoon(int $lunation): self
    {
        return self::at($lunation + 0.5, -0.4065, 0.1727);
    }

    private static function at(float $k, float $sinMPrime, float $sinM): self
    {
        $t = JulianDate::centuries(2451550.09766 + self::MONTH_DAYS * $k);
        $mean = 2451550.09766 + self::MONTH_DAYS * $k + 0.00015437 * $t ** 2 - 0.000000150 * $t ** 3;
        $m = deg2rad(2.5534 + 29.10535670 * $k - 0.0000014 * $t ** 2);
        $mPrime = deg2rad(201.5643 + 385.81693528 * $k + 0.0107582 * $t ** 2 + 0.00001238 * $t ** 3);
        $f = deg2rad(160.7108 + 390.67050284 * $k - 0.0016118 * $t ** 2 - 0.00000227 * $t ** 3);
        $node = deg2rad(124.7746 - 1.56375588 * $k + 0.0020672 * $t ** 2 + 0.00000215 * $t ** 3);
        $f1 = $f - deg2rad(0.02665) * sin($node);
        $e = 1 - 0.002516 * $t - 0.0000074 * $t ** 2;

        $time = $mean
            + $sinMPrime * sin($mPrime) + $sinM * $e * sin($m) + 0.0161 * sin(2 * $mPrime) - 0.0097 * sin(2 * $f1)
            + 0.0073 * $e * sin($mPrime - $m) - 0.0050 * $e * sin($mPrime + $m) - 0.0023 * sin($mPrime - 2 * $f1)
            + 0.0021 * $e * sin(2 * $m) + 0.0012 * sin($mPrime + 2 * $f1);
        $p = 0.2070 * $e * sin($m) + 0.0024 * $e * sin(2 * $m) - 0.0392 * sin($mPrime) + 0.0116 * sin(2 * $mPrime)
            - 0.0073 * $e * sin($mPrime + $m) + 0.0067 * $e * sin($mPrime - $m) + 0.0118 * sin(2 * $f1);
        $q = 5.2207 - 0.0048 * $e * cos($m) + 0.0020 * $e * cos(2 * $m) - 0.3299 * cos($mPrime)
            - 0.0060 * $e * cos($mPrime + $m) + 0.0041 * $e * cos($mPrime - $m);
        $gamma = ($p * cos($f1) + $q * sin($f1)) * (1 - 0.0048 * abs(cos($f1)));

        return new self($time, $gamma);
    }

    /** Whether it may fall into a span; an eclipse is greatest within hours of it. */
    public function isWithinADayOf(DateTimeImmutable $begin, DateTimeImmutable $end): bool
    {
        return $this->julianDateTt > JulianDate::fromDateTime($begin) - 1 && $this->julianDateTt < JulianDate::fromDateTime($end) + 1;
    }

    /** False only where the shadow passes by a wide margin. */
    public function mayEclipse(): bool
    {
        return abs($this->gamma) < 1.62;
    }
}
