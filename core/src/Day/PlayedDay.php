<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** The day played at another time: from a moment of it, faster than it is or as fast. */
final readonly class PlayedDay
{
    public const FASTEST = 60;

    /**
     * @param float $fromS the moment of the day at which it begins, seconds since 1970 (UTC)
     * @param float $begunS when it was begun, really
     * @param int $speed from 1 to 60
     */
    public function __construct(public float $fromS, public float $begunS, public int $speed) {}

    /** The moment of the day that is played at a real one; before it begins it waits. */
    public function played(float $realS): float
    {
        return $this->fromS + $this->speed * max(0.0, $realS - $this->begunS);
    }
}
