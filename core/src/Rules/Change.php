<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** One part of a situation made otherwise. */
final readonly class Change
{
    /** @param bool|float|string|list<string> $to */
    public function __construct(
        public Part $part,
        public bool|float|string|array $to,
    ) {}
}
