<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

use DateTimeImmutable;

/** What is to stand in a lane, before it has its place. */
final readonly class LaneEntry
{
    /**
     * @param string $what cue, turn or post, as the routes have it; empty where it is computed and nobody may move it
     * @param string $id of it
     * @param string $kind for its look
     * @param int $offsetS seconds from what it hangs on
     */
    public function __construct(
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public string $what,
        public string $id,
        public string $kind,
        public string $label,
        public string $time,
        public int $offsetS = 0,
        public int $durationS = 0,
        public bool $isFaulty = false,
    ) {}
}
