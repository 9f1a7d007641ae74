<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

/** One visitor at one station: came, began, ended; seconds from the begin. */
final readonly class Visit
{
    public function __construct(
        public int $party,
        public int $visitor,
        public int $station,
        public int $place,
        public float $cameS,
        public float $beganS,
        public float $endedS,
    ) {}

    public function waitS(): float
    {
        return $this->beganS - $this->cameS;
    }
}
