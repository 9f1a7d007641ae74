<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Sky\StateInterval;
use KeenShadow\Core\Sky\SunTrack;
use KeenShadow\Core\Sky\Timeline;

/** When the Sun stands free from one spot while a track lasts. */
final readonly class ClearSky
{
    /** The disc needs two minutes to pass the thinnest pole. */
    private const STEP_SECONDS = 60.0;
    /** Places in a stretch at which is asked what stands before the Sun. */
    private const ASKED = 12;

    /**
     * @param list<Obstruction> $stretches in order of time
     * @param list<array{float, float}> $hiddenUt when the whole disc is hidden, Julian dates in UT, in order
     */
    private function __construct(
        public array $stretches,
        public array $hiddenUt,
    ) {}

    public static function from(Skyline $skyline, SunTrack $track): self
    {
        $stretches = $blocked = $hidden = [];
        $runs = Timeline::runs($track, self::STEP_SECONDS, $skyline->visibilityOf(...));
        foreach ($runs as $i => $run) {
            if ($run->state !== DiscVisibility::Clear) {
                $blocked[] = $run;
            }
            if ($run->state === DiscVisibility::Hidden) {
                $hidden[] = [$run->from->julianDateUt, $run->to->julianDateUt];
            }
            if ($blocked !== [] && ($run->state === DiscVisibility::Clear || !isset($runs[$i + 1]))) {
                $stretches[] = self::stretch($blocked, $skyline, $track);
                $blocked = [];
            }
        }

        return new self($stretches, $hidden);
    }

    public function stretchAt(float $julianDateUt): ?Obstruction
    {
        foreach ($this->stretches as $stretch) {
            if ($stretch->covers($julianDateUt)) {
                return $stretch;
            }
        }

        return null;
    }

    /** Seconds with the whole disc free between two moments. */
    public function clearSeconds(float $fromUt, float $toUt): float
    {
        $blocked = 0.0;
        foreach ($this->stretches as $stretch) {
            $blocked += max(0.0, min($toUt, $stretch->to->julianDateUt) - max($fromUt, $stretch->from->julianDateUt));
        }

        return max(0.0, $toUt - $fromUt - $blocked) * 86400;
    }

    /** @param non-empty-list<StateInterval<DiscVisibility>> $blocked runs without a gap, none of them clear */
    private static function stretch(array $blocked, Skyline $skyline, SunTrack $track): Obstruction
    {
        $from = $blocked[0]->from;
        $to = $blocked[count($blocked) - 1]->to;
        $hidden = array_values(array_filter($blocked, static fn(StateInterval $run): bool => $run->state === DiscVisibility::Hidden));
        $names = [];
        // Inside the stretch: at its very ends nothing is before the Sun yet.
        for ($i = 0; $i < self::ASKED; ++$i) {
            $name = $skyline->boundBefore($track->at($from->julianDateUt + ($to->julianDateUt - $from->julianDateUt) * ($i + 0.5) / self::ASKED));
            if (!in_array($name, $names, true)) {
                $names[] = $name;
            }
        }

        return new Obstruction(
            $from,
            $to,
            $hidden === [] ? null : $hidden[0]->from,
            $names,
            $from->julianDateUt <= $track->beginUt,
            $to->julianDateUt >= $track->endUt,
        );
    }
}
