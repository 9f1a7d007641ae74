<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** People who go round together. */
final readonly class Group
{
    /**
     * @param list<string> $methods that they may use
     * @param list<Stretch> $free when they can come
     * @param int $turns that they should have, each at another station
     */
    public function __construct(
        public string $id,
        public int $people,
        public array $methods,
        public array $free,
        public int $turns = 1,
    ) {}
}
