<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\ViewersWords;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\PinholeCriterion;

/** The hole one school calls best for a distance, and what it gives. */
final readonly class BestHole
{
    private function __construct(
        public string $name,
        public string $formula,
        public float $holeMm,
        public Pinhole $pinhole,
    ) {}

    public static function of(PinholeCriterion $criterion, Pinhole $design, float $sunDiameterDeg): self
    {
        $best = max(Pinhole::LEAST_HOLE_MM, min(Pinhole::MOST_HOLE_MM, $criterion->bestHoleMm($design->distanceMm)));

        return new self(
            ViewersWords::criterion($criterion),
            $criterion->constant() . '·√(λL)',
            round($best, 2),
            Pinhole::of($design->distanceMm, $best, $sunDiameterDeg),
        );
    }
}
