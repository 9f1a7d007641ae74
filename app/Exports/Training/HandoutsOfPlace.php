<?php

declare(strict_types=1);

namespace App\Exports\Training;

use App\Domain\Event\EventFacts;
use App\Domain\Event\PlaceFiles;
use App\Domain\Training\Handout;
use App\Domain\Training\SiteNumbers;
use App\Exports\SheetPaper;
use App\Models\Sky\BundledFile;
use App\Models\Training\QueueCard;

/** Handouts, and the deck for whoever waits, if there is one. */
final class HandoutsOfPlace implements PlaceFiles
{
    public function content(BundledFile $file, EventFacts $there, string $ending, string $paper): ?string
    {
        $deck = QueueCard::deckOf($there->event);
        $handout = static fn(HandoutPrint $print): string => Printed::handout(Handout::of($there), $print, SheetPaper::from($paper));

        return match ($file) {
            BundledFile::Handout => $handout(HandoutPrint::Folded),
            BundledFile::HandoutLarge => $handout(HandoutPrint::Large),
            BundledFile::HandoutPlain => $handout(HandoutPrint::Plain),
            BundledFile::Cards => $deck === [] ? null : Printed::queue($deck, SiteNumbers::of($there), SheetPaper::from($paper)),
            default => null,
        };
    }
}
