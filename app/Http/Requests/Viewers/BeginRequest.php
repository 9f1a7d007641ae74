<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use KeenShadow\Core\Viewers\Design\AtHand;
use KeenShadow\Core\Viewers\Design\Build;

/** What a new design begins with: whatever is not said is as it usually is. */
final class BeginRequest extends DesignRequest
{
    protected function prepareForValidation(): void
    {
        // After a long way back the address has lost what the form was about.
        $this->mergeIfMissing(['build' => $this->session()->getOldInput('build', Build::Box->value), 'text' => AtHand::WORD]);
        $build = $this->input('build');
        $build = is_string($build) ? Build::tryFrom($build) : null;
        foreach ($build?->kind()->sizes() ?? [] as $size) {
            $this->mergeIfMissing([$size->value => (string) $build?->usualMm($size)]);
        }
    }
}
