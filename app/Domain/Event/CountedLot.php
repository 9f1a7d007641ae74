<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** What went out of a lot at an event, and what of it came back. */
final readonly class CountedLot
{
    /**
     * @param int $lost that nobody expects any more
     * @param int $missing out, and neither back nor given up
     * @param list<array{group: string, out: int, back: int, lost: int, missing: int}> $groups
     */
    public function __construct(
        public string $label,
        public int $out,
        public int $back,
        public int $lost,
        public int $missing,
        public array $groups,
    ) {}
}
