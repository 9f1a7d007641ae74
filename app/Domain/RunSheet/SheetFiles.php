<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

/** A run sheet as files, for work on the queue; the exports know how. */
interface SheetFiles
{
    /** @param string $paper by its word */
    public function pdf(WrittenSheet $sheet, string $paper): string;

    public function calendar(WrittenSheet $sheet): string;
}
