<?php

declare(strict_types=1);

namespace App\Drawings\Eyewear;

use App\Drawings\Tick;
use KeenShadow\Core\Eyewear\Measure\Shade;
use KeenShadow\Core\Eyewear\Spectrum\Clause;

/** How dark a filter is on one logarithmic scale, the lighter to the left: what ISO 12312-2 allows, the shades of EN 169, and where a value lies. In per cent of the width. */
final readonly class ShadeScale
{
    /** Optical densities at the ends. */
    private const FROM = 3.0;
    private const TO = 8.0;
    private const SHADES = [9, 18];

    /**
     * @param array{from: float, width: float} $allowed by ISO 12312-2
     * @param list<array{name: string, from: float, width: float}> $shades
     * @param list<Tick> $percents
     * @param array{at: float, from: float, to: float}|null $mark a value with its doubt, at the edge where it lies beyond
     */
    private function __construct(
        public array $allowed,
        public array $shades,
        public array $percents,
        public ?array $mark,
    ) {}

    /** @param array{float, float, float}|null $value a transmittance, its least and its most */
    public static function of(?array $value): self
    {
        $shades = [];
        for ($number = self::SHADES[0]; $number <= self::SHADES[1]; ++$number) {
            [$darkest, $lightest] = Shade::band($number);
            $shades[] = ['name' => (string) $number] + self::span($lightest, $darkest);
        }
        $percents = [];
        for ($density = (int) self::FROM + 1; $density < self::TO; ++$density) {
            $percents[] = new Tick(self::at(10 ** -$density), rtrim(sprintf('%.6f', 100 * 10 ** -$density), '0'));
        }

        return new self(
            self::span(Clause::MOST_LUMINOUS, Clause::LEAST_LUMINOUS),
            $shades,
            $percents,
            $value === null ? null : ['at' => self::at($value[0]), 'from' => self::at($value[2]), 'to' => self::at($value[1])],
        );
    }

    /** @return array{from: float, width: float} */
    private static function span(float $lightest, float $darkest): array
    {
        return ['from' => self::at($lightest), 'width' => round(self::at($darkest) - self::at($lightest), 2)];
    }

    private static function at(float $transmittance): float
    {
        $density = $transmittance <= 0 ? self::TO : -log10($transmittance);

        return round(100 * (max(self::FROM, min(self::TO, $density)) - self::FROM) / (self::TO - self::FROM), 2);
    }
}
