<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use KeenShadow\Core\Viewers\HoleSchool;
use KeenShadow\Core\Viewers\Pinhole;

/** The hole one school calls best for a distance, and what it gives. */
final readonly class BestHole
{
    private function __construct(
        public string $name,
        public string $formula,
        public float $holeMm,
        public Pinhole $pinhole,
    ) {}

    public static function of(HoleSchool $school, Pinhole $design, float $sunDiameterDeg): self
    {
        $best = max(Pinhole::LEAST_HOLE_MM, min(Pinhole::MOST_HOLE_MM, $school->bestHoleMm($design->distanceMm)));

        return new self(
            match ($school) {
                HoleSchool::Petzval => __('sharpest edge (Petzval)'),
                HoleSchool::EqualBlur => __('hole as wide as its own diffraction'),
                HoleSchool::Rayleigh => __('brighter, a little softer (Rayleigh)'),
            },
            $school->constant() . '·√(λL)',
            round($best, 2),
            Pinhole::of($design->distanceMm, $best, $sunDiameterDeg),
        );
    }
}
