<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\Event\RoundSpot;
use App\Domain\RunSheet\FilterMoment;
use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Domain\RunSheet\WrittenStint;
use App\Exports\PlainPdf;
use App\Exports\SheetPaper;
use App\Text\Clock;
use App\Text\CueWords;
use App\Text\Days;
use App\Text\FilterWords;
use App\Text\RuleWords;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** What the crew is told before people come, as PDF: the event's own cautions first, then who is where and what is called. */
final class Briefing
{
    public static function pdf(WrittenSheet $sheet, WrittenRota $rota, SheetPaper $paper): string
    {
        $clock = $sheet->clock;

        return PlainPdf::of(view('runsheet.briefing', [
            'event' => $sheet->event,
            'day' => Days::full($sheet->here->local($sheet->here->circumstances->maximum->time())),
            'zone' => $clock->zone(),
            'caution' => FilterWords::caution($sheet->filters, $clock),
            'rules' => RuleWords::forAll(),
            'stations' => array_map(static fn(RoundSpot $s): array => [
                'name' => $s->name . ($s->place === null ? '' : ", {$s->place}"),
                'crew' => self::lines($rota->at($s, $rota->duties), $clock),
                'groups' => self::lines($rota->at($s, $rota->turns), $clock),
                'cautions' => $s->cautions,
            ], $rota->stations),
            'calls' => self::calls($sheet),
        ])->render(), $paper->value);
    }

    /**
     * @param list<WrittenStint> $stints
     *
     * @return list<string>
     */
    private static function lines(array $stints, Clock $clock): array
    {
        return array_map(static fn(WrittenStint $s): string => "{$clock->span($s->from, $s->to)} {$s->who}", $stints);
    }

    /** @return list<array{time: string, name: string, call: string}> what is called out, with the moments of the filters */
    private static function calls(WrittenSheet $sheet): array
    {
        $called = array_filter($sheet->lines(), static fn(PlacedCue|FilterMoment $line): bool => $line instanceof FilterMoment || $line->cue->call !== '' && $line->begins !== null);

        return array_map(static fn(PlacedCue|FilterMoment $line): array => $line instanceof FilterMoment
            ? ['time' => $line->time, 'name' => $line->name, 'call' => '']
            : ['time' => $line->begins === null ? '' : CueWords::time($line->cue->kind, $line->begins, $sheet->clock), 'name' => $line->cue->name, 'call' => $line->cue->call], array_values($called));
    }
}
