<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** A line that a room has for the run sheet. */
final readonly class NewCue
{
    /**
     * @param string $id UUID, the same whenever the room has the line again
     * @param string $kind what it is about, in the run sheet's word
     * @param string $anchor what it hangs on, in the run sheet's word
     * @param string $who whom it takes; blank for nobody
     * @param string $crew what the crew is told
     * @param string|null $needs what must be seen there for it, in the run sheet's word; null is nothing
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public string $anchor,
        public int $offsetS,
        public int $durationS,
        public string $who,
        public string $where,
        public string $crew,
        public ?string $needs = null,
    ) {}
}
