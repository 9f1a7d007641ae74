<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrame;
use App\Text\Numbers;
use App\Text\ViewersWords;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Viewers\Design\Judgement;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Size;

/** A kept design in the list. */
final readonly class ViewerRow
{
    private function __construct(
        public Viewer $viewer,
        public string $build,
        public string $distance,
        public string $opening,
        public string $image,
        public string $bite,
        public Verdict $verdict,
        public Answer $answer,
    ) {}

    public static function of(Viewer $viewer, Light $light, EventFrame $frame): self
    {
        $design = $viewer->design;
        $image = $design->image($light);

        return new self(
            viewer: $viewer,
            build: ViewersWords::build($design->build),
            distance: Figures::mm((float) $design->mm(Size::Distance)),
            opening: Figures::mm((float) $design->mm($design->opening())),
            image: Figures::mm($image->diameterMm),
            bite: Numbers::aboutPercent($image->smallestBite()) . ' %',
            verdict: Judgement::of($design, $light),
            answer: $frame->answer($design->situation($light)),
        );
    }
}
