<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrame;

/** Designs side by side at one moment of the eclipse. */
final readonly class ComparePage
{
    /**
     * @param list<ComparedViewer> $viewers
     * @param Moment|null $moment that their pictures show
     */
    private function __construct(
        public array $viewers,
        public ?Moment $moment,
    ) {}

    /** @param list<Viewer> $viewers */
    public static function of(array $viewers, EventFrame $frame): self
    {
        $bright = array_values(array_filter(Moment::allOf($frame->here), static fn(Moment $moment): bool => !$moment->isTotal));

        return new self(array_map(static fn(Viewer $viewer): ComparedViewer => ComparedViewer::of($viewer, $frame), $viewers), $bright[count($bright) - 1] ?? null);
    }
}
