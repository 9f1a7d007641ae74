<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\ViewersWords;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Viewers\Design\AtHand;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Judgement;
use KeenShadow\Core\Viewers\Light;

/** Something that can be built, as it would be begun with. */
final readonly class Start
{
    /** @param array<string, string> $begin what the bench begins with, by the parts of its address */
    private function __construct(
        public string $name,
        public string $about,
        public string $atOnce,
        public string $minutes,
        public string $image,
        public Verdict $verdict,
        public array $begin,
    ) {}

    public static function of(Build $build, AtHand $atHand, Light $light): self
    {
        $design = $atHand->begin($build, $light);

        return new self(
            name: ViewersWords::build($build),
            about: ViewersWords::about($build),
            atOnce: $build->isForEach() ? __('one for each') : (string) $build->atOnce(),
            minutes: __(':n min', ['n' => $build->minutes()]),
            image: Figures::mm($design->image($light)->diameterMm),
            verdict: Judgement::of($design, $light),
            begin: ['build' => $build->value] + array_map(strval(...), $design->sizesMm),
        );
    }
}
