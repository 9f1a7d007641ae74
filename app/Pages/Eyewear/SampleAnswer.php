<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Text\Numbers;
use KeenShadow\Core\Eyewear\EyewearException;
use KeenShadow\Core\Eyewear\Measure\LotSample;

/** What a tested sample tells of a lot, and how many would have to be tested. */
final readonly class SampleAnswer
{
    private function __construct(
        public string $tells,
        public string $needed,
    ) {}

    /** @throws EyewearException */
    public static function of(int $pairs, int $tested, int $failed, int $mostBad, float $confidencePercent): self
    {
        $sample = LotSample::of($pairs, $confidencePercent);
        $bad = $sample->mostBad($tested, $failed);
        $confidence = Numbers::decimal($confidencePercent, fmod($confidencePercent, 1.0) === 0.0 ? 0 : 2);

        return new self(
            trans_choice('{0} With :sure % confidence none of :pairs is bad.|{1} With :sure % confidence at most 1 of :pairs is bad (:percent %).|[2,*] With :sure % confidence at most :count of :pairs are bad (:percent %).', $bad, ['sure' => $confidence, 'pairs' => $pairs, 'percent' => Numbers::decimal(100 * $bad / $pairs, 1)]),
            __('To say that at most :bad are bad, :tested must be tested and none may fail.', ['bad' => $mostBad, 'tested' => $sample->needed($mostBad)]),
        );
    }
}
