<?php

declare(strict_types=1);

namespace App\Drawings\RunSheet;

/** One lane of a run sheet. */
final readonly class Lane
{
    public const ROW_PX = 26;

    /** @param list<LaneBlock> $blocks */
    public function __construct(public string $name, public array $blocks, public int $heightPx) {}
}
