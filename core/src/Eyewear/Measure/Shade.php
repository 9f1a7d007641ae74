<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Measure;

use KeenShadow\Core\Eyewear\EyewearException;
use KeenShadow\Core\Eyewear\Spectrum\Clause;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;

/**
 * How dark a filter is: a fraction of the light, an optical density OD = −lg τ, or a shade number SN = 1 + 7/3 · OD (EN 169:2002,
 * from memory). A filter of shade n lies within half a number of it.
 */
final readonly class Shade
{
    public const DENSITY = [0.0, 12.0];

    private function __construct(public float $transmittance) {}

    /** @throws EyewearException */
    public static function ofPercent(float $percent): self
    {
        return $percent > 0 && $percent <= 100 ? new self($percent / 100) : throw EyewearException::outOfRange('percent', $percent, 0, 100);
    }

    /** @throws EyewearException */
    public static function ofDensity(float $density): self
    {
        return $density >= self::DENSITY[0] && $density <= self::DENSITY[1] ? new self(10 ** -$density) : throw EyewearException::outOfRange('density', $density, ...self::DENSITY);
    }

    /** @throws EyewearException */
    public static function ofNumber(float $number): self
    {
        $most = 1 + 7 / 3 * self::DENSITY[1];

        return $number >= 1 && $number <= $most ? self::ofDensity(3 / 7 * ($number - 1)) : throw EyewearException::outOfRange('shade', $number, 1, $most);
    }

    /** @return array{float, float} the darkest and the lightest of a shade, as fractions of the light */
    public static function band(int $number): array
    {
        return [self::ofNumber($number + 0.5)->transmittance, self::ofNumber($number - 0.5)->transmittance];
    }

    /** Whether it lies in the luminous band of ISO 12312-2, of which that is one clause of many. */
    public function outcome(): Outcome
    {
        return Clause::ofLuminous($this->transmittance, $this->transmittance);
    }

    public function percent(): float
    {
        return 100 * $this->transmittance;
    }

    public function density(): float
    {
        return -log10($this->transmittance);
    }

    public function number(): float
    {
        return 1 + 7 / 3 * $this->density();
    }
}
