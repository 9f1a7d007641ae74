<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** Exposures that together cover what no single one does. */
final class Bracket
{
    /**
     * From the brighter to the fainter of two phases, evenly, no farther apart than asked.
     *
     * @param float $stepStops above 0
     *
     * @return non-empty-list<float> Q of each exposure
     */
    public static function covering(float $fromQ, float $toQ, float $stepStops): array
    {
        $steps = (int) ceil(abs($toQ - $fromQ) / $stepStops - 1e-9);

        return array_map(static fn(int $i): float => $fromQ + ($steps === 0 ? 0.0 : $i * ($toQ - $fromQ) / $steps), range(0, $steps));
    }
}
