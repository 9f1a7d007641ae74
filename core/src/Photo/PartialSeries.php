<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

use KeenShadow\Core\Time\Interval;

/** The partial phases, one picture at an interval, counted from the maximum to both sides so that they pair; the filter is on in all of them. */
final class PartialSeries
{
    private const DAY_S = 86400;

    /**
     * @param list<Interval> $seen between first and last contact, while the Sun is up and behind nothing, in order
     * @param ShotList $totality while its filter is off no phase is taken
     *
     * @return list<float> Julian dates in UT
     *
     * @throws PhotoException when the interval is out of range
     */
    public static function moments(float $maximumUt, array $seen, float $everyS, ShotList $totality): array
    {
        $every = Measure::Interval->checked($everyS) / self::DAY_S;
        $moments = [];
        foreach ($seen as $stretch) {
            for ($i = (int) ceil(($stretch->fromUt - $maximumUt) / $every); $maximumUt + $i * $every <= $stretch->toUt; ++$i) {
                $moments[] = $maximumUt + $i * $every;
            }
        }

        return array_values(array_filter($moments, $totality->isFilterOn(...)));
    }
}
