<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\RunSheet\SheetFiles;
use App\Domain\RunSheet\WrittenSheet;

/** Wall sheet and calendar. */
final class WrittenFiles implements SheetFiles
{
    public function pdf(WrittenSheet $sheet, string $paper): string
    {
        return WallSheet::pdf($sheet, null, WallPaper::from($paper));
    }

    public function calendar(WrittenSheet $sheet): string
    {
        return SheetCalendar::of($sheet, null);
    }
}
