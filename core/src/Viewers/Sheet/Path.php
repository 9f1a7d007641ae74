<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** Straight lines from point to point, in millimetres from the template's upper left corner. */
final readonly class Path
{
    /** @param list<array{float, float}> $points right and down */
    public function __construct(
        public LineKind $kind,
        public array $points,
    ) {}
}
