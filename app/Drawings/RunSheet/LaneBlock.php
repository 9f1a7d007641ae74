<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

/** A cue in its lane: places along the axis in percent, as the ribbon has them. */
final readonly class LaneBlock
{
    /**
     * @param string $id of the cue; empty where it is computed and nobody may move it
     * @param int $row from the top of the lane
     * @param int $yPx its upper edge
     * @param float $xPercent where it begins
     * @param float $widthPercent how long it lasts; 0 for a moment
     * @param int $offsetS seconds from what it hangs on
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public string $time,
        public int $row,
        public int $yPx,
        public float $xPercent,
        public float $widthPercent,
        public int $offsetS,
        public int $durationS,
        public bool $isFaulty,
        /** Whether its words stand before it. */
        public bool $isBefore,
    ) {}
}
