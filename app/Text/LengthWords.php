<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Sky\LocalCircumstances;

/** How long totality or the ring lasts, for a line of a list, with what stands against seeing it. */
final class LengthWords
{
    /** Empty where it is neither total nor annular. */
    public static function of(LocalCircumstances $c): string
    {
        $duration = $c->durationSeconds();

        return match (true) {
            $duration === null => '',
            $c->seenKind() !== $c->kind => __(':kind while the Sun is down', ['kind' => SkyWords::kind($c->kind)]),
            $c->isCentralPhaseCut() => __(':length, cut by the horizon', ['length' => Durations::toTheSecond($duration)]),
            $c->isNearEdgeOfPath() => __('perhaps :length: near the edge of the path', ['length' => Durations::toTheSecond($duration)]),
            default => Durations::toTheSecond($duration),
        };
    }
}
