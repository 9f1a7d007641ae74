<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

/** One figure of a viewer: its name, its value with the unit, and where it comes from. */
final readonly class Figure
{
    public function __construct(
        public string $name,
        public string $value,
        public string $note,
    ) {}
}
