<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use App\Drawings\PlacedText;
use App\Drawings\ViewBox;
use App\Text\SheetWords;
use KeenShadow\Core\Viewers\Sheet\Note;
use KeenShadow\Core\Viewers\Sheet\Path;
use KeenShadow\Core\Viewers\Sheet\Round;
use KeenShadow\Core\Viewers\Sheet\Template;

/** A template on the page, smaller than it is: millimetres as its own units. */
final readonly class TemplateDrawing
{
    /** Letters and lines are so much of the larger side. */
    private const LETTER = 0.05;

    /**
     * @param string $part by which its file is asked for
     * @param list<Stroke> $paths
     * @param list<array{class: string, x: float, y: float, r: float}> $rounds
     * @param list<PlacedText> $notes
     */
    private function __construct(
        public string $part,
        public string $name,
        public ViewBox $box,
        public array $paths,
        public array $rounds,
        public array $notes,
        public float $letter,
    ) {}

    public static function of(Template $template): self
    {
        $letter = round(self::LETTER * max($template->widthMm, $template->heightMm), 2);

        return new self(
            part: $template->part->value,
            name: SheetWords::part($template->part),
            box: new ViewBox(-$letter / 2, -$letter / 2, $template->widthMm + $letter, $template->heightMm + $letter),
            paths: array_map(static fn(Path $path): Stroke => Stroke::of("sheet-{$path->kind->value}", $path->points), $template->paths),
            rounds: array_map(static fn(Round $round): array => ['class' => "sheet-{$round->kind->value}", 'x' => round($round->rightMm, 2), 'y' => round($round->downMm, 2), 'r' => round($round->radiusMm, 3)], $template->rounds),
            notes: array_map(static fn(Note $note): PlacedText => new PlacedText($note->rightMm, $note->downMm, 'middle', SheetWords::note($note)), $template->notes),
            letter: $letter,
        );
    }
}
