<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** Words at a place of a template: their middle, in millimetres from its upper left corner. */
final readonly class Note
{
    /** @param float $mm the length that the words name; 0 where they name none */
    public function __construct(
        public Mark $mark,
        public float $rightMm,
        public float $downMm,
        public float $mm,
    ) {}
}
