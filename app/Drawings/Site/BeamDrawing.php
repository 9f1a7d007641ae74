<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Site\Mirror\Beam;
use KeenShadow\Core\Site\Plan\SitePlan;

/** The beam from the side, one scale for both directions. Metres; x along the ground from the mirror, y downwards from the ground. */
final readonly class BeamDrawing
{
    /** @param list<array{x: float, heightM: float, name: string}> $walls that cross the beam's way */
    private function __construct(
        public float $lengthM,
        public float $fromM,
        public float $toM,
        public float $topM,
        public float $pictureM,
        public float $pictureHeightM,
        public float $eyesM,
        public array $walls,
    ) {}

    public static function of(Beam $beam, SitePlan $plan): self
    {
        $length = $beam->from->distanceM($beam->to);
        $walls = [];
        foreach ($plan->obstacles() as $obstacle) {
            foreach ($obstacle->edges as [$a, $b]) {
                $along = PlanLines::crossing($beam->from, $beam->to, $a, $b);
                if ($along !== null) {
                    $walls[] = ['x' => round($along * $length, 2), 'heightM' => $obstacle->heightM, 'name' => $obstacle->name];
                }
            }
        }

        $top = round(max($beam->fromM, $beam->toM, 2.5) + 0.5, 2);

        return new self(lengthM: round($length, 2), fromM: $beam->fromM, toM: $beam->toM, topM: $top, pictureM: round($length + 3, 2), pictureHeightM: $top + 0.4, eyesM: Beam::HIGHEST_EYE_M - Beam::LOWEST_EYE_M, walls: $walls);
    }
}
