<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** A group of an event, as far as the glasses must know it. */
final readonly class LookingGroup
{
    /** @param bool $mayLook whether the rule book lets its people look through glasses at all */
    public function __construct(
        public int $id,
        public string $name,
        public int $people,
        public int $spectacles,
        public bool $hasChildren,
        public bool $hasGrown,
        public bool $mayLook,
    ) {}
}
