<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** A wish with its time. */
final readonly class PlannedShot
{
    /**
     * @param float $fromUt Julian date in UT, when its pause begins
     * @param float $toUt when its last frame is on the card
     */
    public function __construct(
        public Wish $wish,
        public float $fromUt,
        public float $toUt,
    ) {}
}
