<?php

declare(strict_types=1);

namespace App\Drawings\Photo;

use KeenShadow\Core\Photo\Programme\CameraPlan;

/** The Sun in a camera's frame, to scale: disc, corona as far as it is wanted, and its way where the mount stands still. Lengths are pixels of the drawing; y runs downwards. */
final readonly class FrameDrawing
{
    /** The longer side of the sensor. */
    private const LONG_PX = 560.0;
    private const HALF_DEGREE = 0.5;
    private const RIM_PX = 4.0;
    private const BAR_ABOVE_PX = 14.0;

    /**
     * @param float $sunX of the disc at first
     * @param float $endX of the disc when it leaves; the same as at first where the mount goes with the Sun
     * @param float $coronaPx radius of the corona that is wanted
     * @param float $barPx half a degree in the middle of the frame
     */
    private function __construct(
        public float $pxPerMm,
        public float $width,
        public float $height,
        public float $sunX,
        public float $sunY,
        public float $endX,
        public float $endY,
        public float $sunPx,
        public float $coronaPx,
        public float $barPx,
        public bool $moves,
        public float $outerWidth,
        public float $outerHeight,
        public float $barY,
    ) {}

    public static function of(CameraPlan $plan): self
    {
        $sensor = $plan->frame->sensor;
        $scale = self::LONG_PX / max($sensor->widthMm, $sensor->heightMm);
        $moves = !$plan->outfit->tracks() && $plan->passage->staysS > 0.0;
        [$right, $up] = $moves ? $plan->passage->startMm : [0.0, 0.0];
        $radiusMm = $plan->frame->imageMm() / 2;
        $px = static fn(float $mm): float => round($mm * $scale, 2);

        return new self(
            pxPerMm: $scale,
            width: $px($sensor->widthMm),
            height: $px($sensor->heightMm),
            sunX: $px($sensor->widthMm / 2 + $right),
            sunY: $px($sensor->heightMm / 2 - $up),
            endX: $px($sensor->widthMm / 2 - $right),
            endY: $px($sensor->heightMm / 2 + $up),
            sunPx: $px($radiusMm),
            coronaPx: $px($radiusMm * (1 + $plan->programme->coronaRadii)),
            barPx: $px(2 * $plan->frame->focalMm * tan(deg2rad(self::HALF_DEGREE / 2))),
            moves: $moves,
            outerWidth: $px($sensor->widthMm) + self::RIM_PX,
            outerHeight: $px($sensor->heightMm) + self::RIM_PX,
            barY: $px($sensor->heightMm) - self::BAR_ABOVE_PX,
        );
    }
}
