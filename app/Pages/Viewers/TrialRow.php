<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Models\Viewers\ViewerTrial;
use App\Text\Days;
use App\Text\ViewersWords;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\TryOut\TryOut;

/** One try of a viewer against its design as it was then. */
final readonly class TrialRow
{
    /** @param array<string, string> $corrected what the bench would begin with for the design as it was built; none where it is as designed */
    private function __construct(
        public ViewerTrial $trial,
        public string $day,
        public string $measured,
        public string $predicted,
        public string $sharpness,
        public Verdict $verdict,
        public array $corrected,
    ) {}

    /** @param Light $light of that day */
    public static function of(ViewerTrial $trial, Light $light): self
    {
        $tried = TryOut::of($trial->design, $light, $trial->measured());

        return new self(
            trial: $trial,
            day: Days::long($trial->tried_on),
            measured: ViewersWords::width($trial->image_mm, $trial->uncertainty_mm),
            predicted: ViewersWords::width($tried->predictedMm, $tried->uncertaintyMm),
            sharpness: $trial->sharpness === null ? '–' : ViewersWords::sharpness()[$trial->sharpness->value],
            verdict: $tried->verdict,
            corrected: $tried->corrected === null ? [] : DesignFields::of($tried->corrected),
        );
    }
}
