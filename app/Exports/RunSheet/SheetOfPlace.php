<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\Event\PlaceFiles;
use App\Domain\RunSheet\WrittenSheet;
use App\Models\Sky\BundledFile;

/** Run sheet and calendar. */
final class SheetOfPlace implements PlaceFiles
{
    public function content(BundledFile $file, EventFacts $there, string $ending, string $paper): ?string
    {
        return match ($file) {
            BundledFile::Sheet => WallSheet::pdf(WrittenSheet::elsewhere($there, $ending), null, WallPaper::from($paper)),
            BundledFile::Calendar => SheetCalendar::of(WrittenSheet::elsewhere($there, $ending), null),
            default => null,
        };
    }
}
