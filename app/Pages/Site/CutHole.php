<?php

declare(strict_types=1);

namespace App\Pages\Site;

use KeenShadow\Core\Site\Banner;
use KeenShadow\Core\Site\SunPlace;

/** One hole of a banner's cutting plan, and the mark on the floor where its user stands. */
final readonly class CutHole
{
    /** People side by side (own judgement). */
    private const APART_M = 0.45;

    /**
     * @param float $fromLeftM middle of the hole from the left jamb, as seen from inside
     * @param float $heightM middle of the hole above the floor
     * @param float $standM the mark on the floor, from the left jamb
     * @param float $lengthM how long the slot must be to serve while the Sun moves on
     */
    private function __construct(
        public int $number,
        public string $who,
        public float $fromLeftM,
        public float $heightM,
        public float $standM,
        public float $widthM,
        public float $lengthM,
    ) {}

    /**
     * As many side by side as the opening is wide, each for the next height of eyes in turn.
     *
     * @param array<string, float> $eyes
     * @param SunPlace $later the Sun when the slot need no longer serve
     *
     * @return list<self>
     */
    public static function allOf(Banner $banner, array $eyes, SunPlace $sun, SunPlace $later): array
    {
        $aside = $banner->holeToTheRightM($sun);
        if ($aside === null || $eyes === []) {
            return [];
        }
        $room = $banner->facade->widthM - 2 * Banner::RIM_M - Banner::HOLE_WIDTH_M;
        $count = max(1, (int) floor($room / self::APART_M) + 1);
        $begin = Banner::RIM_M + Banner::HOLE_WIDTH_M / 2 + ($room - ($count - 1) * self::APART_M) / 2;
        $who = array_keys($eyes);
        $holes = [];
        for ($i = 0; $i < $count; ++$i) {
            $name = $who[$i % count($who)];
            $height = (float) $banner->holeHeightM($eyes[$name], $sun);
            if ($height > $banner->facade->headM - Banner::RIM_M || $height < $banner->facade->sillM + Banner::RIM_M) {
                continue;
            }
            $at = $begin + $i * self::APART_M;
            $then = $banner->holeHeightM($eyes[$name], $later) ?? $height;
            $asideThen = $banner->holeToTheRightM($later) ?? $aside;
            $holes[] = new self(count($holes) + 1, $name, $at, $height, $at - $aside, Banner::HOLE_WIDTH_M + abs($asideThen - $aside), Banner::HOLE_HEIGHT_M + abs($then - $height));
        }

        return $holes;
    }
}
