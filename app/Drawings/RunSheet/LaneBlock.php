<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

/** An entry at its place in a lane: along the axis in percent, as the ribbon has them. */
final readonly class LaneBlock
{
    /**
     * @param int $yPx its upper edge
     * @param float $xPercent where it begins
     * @param float $widthPercent how long it lasts; 0 for a moment
     * @param bool $isBefore whether its words stand before it
     */
    public function __construct(
        public LaneEntry $entry,
        public int $yPx,
        public float $xPercent,
        public float $widthPercent,
        public bool $isBefore,
    ) {}
}
