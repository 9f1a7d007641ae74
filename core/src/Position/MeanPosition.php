<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

/** The mean of a receiver's fixes. */
final readonly class MeanPosition
{
    /**
     * @param float $scatterM root mean square distance from the mean
     * @param float $uncertaintyM how far off it may be
     * @param int $quality the poorest among them, as GGA counts
     * @param int $satellites the fewest
     */
    public function __construct(
        public Coordinates $place,
        public int $fixes,
        public float $scatterM,
        public float $uncertaintyM,
        public int $quality,
        public int $satellites,
    ) {}
}
