<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Sky\StateInterval;
use KeenShadow\Core\Sky\SunTrack;
use KeenShadow\Core\Sky\Timeline;
use KeenShadow\Core\Time\Interval;

/** When the Sun is clear from one spot while a track lasts. */
final readonly class ClearSky
{
    /** The disc needs two minutes to pass the thinnest pole. */
    private const STEP_SECONDS = 60.0;
    /** Places in an obstruction at which is asked what stands in front of the Sun. */
    private const ASKED = 12;

    /**
     * @param list<Obstruction> $obstructions in order of time
     * @param list<Interval> $hidden when the whole disc is hidden, in order
     */
    private function __construct(
        public array $obstructions,
        public array $hidden,
    ) {}

    public static function from(Skyline $skyline, SunTrack $track): self
    {
        $obstructions = $blocked = $hidden = [];
        $intervals = Timeline::intervals($track, self::STEP_SECONDS, $skyline->visibilityOf(...));
        foreach ($intervals as $i => $interval) {
            if ($interval->state !== DiscVisibility::Clear) {
                $blocked[] = $interval;
            }
            if ($interval->state === DiscVisibility::Hidden) {
                $hidden[] = new Interval($interval->from->julianDateUt, $interval->to->julianDateUt);
            }
            if ($blocked !== [] && ($interval->state === DiscVisibility::Clear || !isset($intervals[$i + 1]))) {
                $obstructions[] = self::obstruction($blocked, $skyline, $track);
                $blocked = [];
            }
        }

        return new self($obstructions, $hidden);
    }

    public function obstructionAt(float $julianDateUt): ?Obstruction
    {
        foreach ($this->obstructions as $obstruction) {
            if ($obstruction->covers($julianDateUt)) {
                return $obstruction;
            }
        }

        return null;
    }

    /** Seconds with the whole disc clear between two moments. */
    public function clearSeconds(float $fromUt, float $toUt): float
    {
        $blocked = 0.0;
        foreach ($this->obstructions as $obstruction) {
            $blocked += max(0.0, min($toUt, $obstruction->to->julianDateUt) - max($fromUt, $obstruction->from->julianDateUt));
        }

        return max(0.0, $toUt - $fromUt - $blocked) * 86400;
    }

    /** @param non-empty-list<StateInterval<DiscVisibility>> $blocked intervals without a gap, none of them clear */
    private static function obstruction(array $blocked, Skyline $skyline, SunTrack $track): Obstruction
    {
        $from = $blocked[0]->from;
        $to = $blocked[count($blocked) - 1]->to;
        $hidden = array_values(array_filter($blocked, static fn(StateInterval $interval): bool => $interval->state === DiscVisibility::Hidden));
        $names = [];
        // Inside the obstruction: at its very ends nothing is in front of the Sun yet.
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
