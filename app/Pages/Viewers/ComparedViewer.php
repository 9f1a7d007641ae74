<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Domain\Viewers\EventLight;
use App\Drawings\Viewers\TrueSize;
use App\Models\Viewers\Viewer;
use App\Pages\Event\EventFrame;
use App\Text\BuildSteps;
use App\Text\Numbers;
use App\Text\ViewersWords;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Viewers\Design\Judgement;

/** One of several designs that are compared. */
final readonly class ComparedViewer
{
    /**
     * @param list<string> $cautions
     * @param array<string, string> $fields by which its picture is asked for
     */
    private function __construct(
        public Viewer $viewer,
        public string $build,
        public Verdict $verdict,
        public Answer $answer,
        public TrueSize $trueSize,
        public string $image,
        public string $bite,
        public string $lux,
        public string $contrast,
        public string $atOnce,
        public string $cost,
        public string $minutes,
        public array $cautions,
        public array $fields,
    ) {}

    public static function of(Viewer $viewer, EventFrame $frame): self
    {
        $design = $viewer->design;
        $build = $design->build;
        $light = EventLight::of($frame->here);
        $image = $design->image($light);

        return new self(
            viewer: $viewer,
            build: ViewersWords::build($build),
            verdict: Judgement::of($design, $light),
            answer: $frame->answer($design->situation($light)),
            trueSize: TrueSize::of($image),
            image: Figures::mm($image->diameterMm),
            bite: Numbers::aboutPercent($image->smallestBite()) . ' %',
            lux: __('about :n lx', ['n' => Numbers::about($image->illuminanceLx)]),
            contrast: __(':n times', ['n' => Numbers::about($image->contrast($design->surroundings))]),
            atOnce: $build->isForEach() ? __('one for each') : (string) $build->atOnce(),
            cost: __('about :n € or $', ['n' => Numbers::about($build->cost())]),
            minutes: __('about :n min', ['n' => $build->minutes()]),
            cautions: BuildSteps::cautions($design->kind()),
            fields: ['outline' => '', 'text' => 'I'] + DesignFields::of($design),
        );
    }
}
