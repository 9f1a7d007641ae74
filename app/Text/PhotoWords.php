<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Photo\Plan;

final class PhotoWords
{
    /** What speaks against a plan; null where nothing does. */
    public static function warning(Plan $plan): ?string
    {
        return match (true) {
            !$plan->isTooMuch() => null,
            $plan->totalityS > 0.0 => (string) __('The shots take :shots s of :totality s of totality, more than half: leave some out, and look up.', ['shots' => round($plan->shotsS(), 1), 'totality' => $plan->totalityS]),
            default => (string) __('There is no totality here: the filter stays on, and none of these shots can be taken.'),
        };
    }
}
