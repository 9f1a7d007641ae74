<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\EventSheet;

/** Which revision of a run sheet a page was made from, and the steps from there. */
final readonly class SheetSteps
{
    private function __construct(public ?int $revision, public bool $canUndo, public bool $canRedo) {}

    public static function of(EventSheet $sheet): self
    {
        return new self($sheet->revision(), $sheet->canUndo(), $sheet->canRedo());
    }
}
