<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

/** Visitors who come in one way and do the same things one after the other. */
final readonly class Party
{
    /**
     * @param list<int> $route numbers of the stations they go to, in order
     * @param list<float> $walksS seconds on foot to each of them; at once where none is said
     * @param int $priority the lower goes first where two wait; who came first among equals
     */
    public function __construct(
        public string $name,
        public Arrivals $arrivals,
        public array $route,
        public array $walksS = [],
        public int $priority = 0,
    ) {}
}
