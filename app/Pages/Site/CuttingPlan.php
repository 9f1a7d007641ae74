<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\Site\BannerPlan;
use KeenShadow\Core\Site\Doorway\CutHole;
use KeenShadow\Core\Site\Doorway\DoorwayOutlook;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;

/** Where the holes of a banner go for one moment, and for whom there is none. */
final readonly class CuttingPlan
{
    /** How long a hole is to serve before it must be moved. */
    private const SLOT_SECONDS = 600.0;

    /**
     * @param list<CutHole> $holes
     * @param list<string> $holeless who would see the Sun, but for whose eyes there is no room for a hole
     * @param list<string> $unseen who sees nothing then, and why
     */
    private function __construct(
        public array $holes,
        public array $holeless,
        public array $unseen,
        public BannerPlan $plan,
    ) {}

    public static function of(DoorwayOutlook $outlook, SunTrack $track, SunPosition $sun): self
    {
        $holes = CutHole::allOf($outlook->banner, $outlook->eyesM, $sun, $track->at($sun->julianDateUt + self::SLOT_SECONDS / 86400));
        $without = $outlook->without($sun);

        return new self(
            $holes,
            array_values(array_diff(array_keys($outlook->eyesM), array_map(static fn(CutHole $h): string => $h->who, $holes), ...array_column($without, 'who'))),
            array_map(
                static fn(array $w): string => implode(', ', $w['who']) . ' (' . BannerWords::of($w['state'], $outlook->banner, $outlook->eyesM[$w['who'][0]], $sun) . ')',
                $without,
            ),
            BannerPlan::of($outlook->banner->facade, $holes),
        );
    }
}
