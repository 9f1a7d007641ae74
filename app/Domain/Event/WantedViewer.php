<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** A design of which some are to be built for an event, as far as the audience must know it. */
final readonly class WantedViewer
{
    /**
     * @param string $method the way of following an eclipse that it is, by the audience's word for it
     * @param int $wanted how many are to be built
     * @param int $built how many are
     * @param int $atOnce how many look at one at the same time
     * @param list<string> $materials of one
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $method,
        public int $wanted,
        public int $built,
        public int $atOnce,
        public array $materials,
    ) {}
}
