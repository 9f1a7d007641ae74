<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\DayDuty;
use App\Domain\Event\DayLine;
use App\Domain\Event\DayPlan;
use App\Domain\Event\DayPlans;
use App\Domain\Event\EventFacts;
use App\Text\Clock;
use App\Text\CueWords;
use KeenShadow\Core\RunSheet\Cues\CueNeed;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** The cues of the run sheet that have a time on the day, and the posts of the crew. */
final readonly class PlansOfSheets implements DayPlans
{
    public function __construct(private EventRotas $rotas) {}

    public function of(EventFacts $facts): DayPlan
    {
        $written = WrittenSheet::of($facts);
        $rota = WrittenRota::of($this->rotas->of($facts));
        $lines = array_map(static fn(PlacedCue $p): ?DayLine => self::line($p, $written->clock), $written->cues);

        return new DayPlan(
            array_values(array_filter($lines, static fn(?DayLine $line): bool => $line !== null)),
            array_map(static fn(WrittenStint $s): DayDuty => new DayDuty(id: $s->id, who: $s->who, what: $s->station, where: $s->place, time: $written->clock->span($s->from, $s->to), begins: $written->clock->minute($s->from), from: $s->from, to: $s->to), $rota->duties),
        );
    }

    private static function line(PlacedCue $placed, Clock $clock): ?DayLine
    {
        $cue = $placed->cue;
        if ($placed->begins === null || $placed->ends === null || $cue->isDaysBefore()) {
            return null;
        }

        return new DayLine(id: $cue->id, name: $cue->name, kind: CueWords::about($cue), time: CueWords::time($cue->kind, $placed->begins, $clock), from: $placed->begins, to: $placed->ends, who: $cue->who, where: $cue->where, crew: $cue->crew, call: $cue->call, clouds: $cue->underClouds()->value, onlyFiltersOff: $cue->needs === CueNeed::FiltersOff);
    }
}
