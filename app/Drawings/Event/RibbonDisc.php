<?php

declare(strict_types=1);

namespace App\Drawings\Event;

use App\Drawings\Sky\DiscSample;

/** One disc on the shadow ribbon: its place along the axis, and the Moon's circle relative to the Sun's, in pixels (y downwards). */
final readonly class RibbonDisc
{
    public float $moonX;
    public float $moonY;
    public float $moonRadius;
    public bool $isUp;
    public bool $isTotal;

    /** @param bool $isMain kept where there is little room */
    public function __construct(
        public float $xPercent,
        DiscSample $sample,
        float $radiusPx,
        public bool $isMain,
    ) {
        $this->moonX = round($sample->x * $radiusPx, 2);
        $this->moonY = round(-$sample->y * $radiusPx, 2);
        $this->moonRadius = round($sample->ratio * $radiusPx, 2);
        $this->isUp = $sample->isUp;
        $this->isTotal = $sample->obscuration >= 1.0;
    }
}
