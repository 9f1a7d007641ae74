<?php

declare(strict_types=1);

namespace App\Pages\Sky;

/** A line of a list: what it is, and what is said of it. */
final readonly class Fact
{
    public function __construct(
        public string $what,
        public string $words,
    ) {}
}
