<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Doorway;

use KeenShadow\Core\Sky\SunPosition;

/** One hole of a banner's cutting plan, and the mark on the floor where its user stands. */
final readonly class CutHole
{
    /** People side by side (own judgement). */
    private const APART_M = 0.45;

    /**
     * @param float $fromLeftM middle of the hole from the left jamb, as seen from inside
     * @param float $heightM middle of the hole above the floor
     * @param float $standM the mark on the floor, from the left jamb
     * @param float $widthM wide and long enough to serve while the Sun moves on
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
     * As many side by side as the opening is wide, each for the next height of eyes in turn; none where the sheet is too
     * low or too high for one.
     *
     * @param array<string, float> $eyesM
     * @param SunPosition $later the Sun when the holes need no longer serve
     *
     * @return list<self>
     */
    public static function allOf(Banner $banner, array $eyesM, SunPosition $sun, SunPosition $later): array
    {
        $aside = self::span($banner->holeToTheRightM($sun), $banner->holeToTheRightM($later));
        if ($aside === null || $eyesM === []) {
            return [];
        }
        $widthM = Banner::HOLE_WIDTH_M + $aside['length'];
        $room = $banner->roomM($widthM);
        if ($room < 0) {
            return [];
        }
        $apart = max(self::APART_M, $widthM + Banner::RIM_M);
        $count = (int) floor($room / $apart) + 1;
        $begin = Banner::RIM_M + $widthM / 2 + ($room - ($count - 1) * $apart) / 2;
        $who = array_keys($eyesM);
        $holes = [];
        for ($i = 0; $i < $count; ++$i) {
            $name = $who[$i % count($who)];
            $height = self::span($banner->holeHeightM($eyesM[$name], $sun), $banner->holeHeightM($eyesM[$name], $later));
            $lengthM = Banner::HOLE_HEIGHT_M + ($height['length'] ?? 0.0);
            if ($height === null || $height['middle'] > $banner->highestM($lengthM) || $height['middle'] < $banner->lowestM($lengthM)) {
                continue;
            }
            $at = $begin + $i * $apart;
            $holes[] = new self(number: count($holes) + 1, who: $name, fromLeftM: $at, heightM: $height['middle'], standM: $at - $aside['middle'], widthM: $widthM, lengthM: $lengthM);
        }

        return $holes;
    }

    /** @return array{middle: float, length: float}|null of the way from one place to the other; only the first when there is no other */
    private static function span(?float $from, ?float $to): ?array
    {
        return $from === null ? null : ['middle' => ($from + ($to ?? $from)) / 2, 'length' => abs(($to ?? $from) - $from)];
    }
}
