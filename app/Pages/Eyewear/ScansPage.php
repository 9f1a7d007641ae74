<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Drawings\Eyewear\SpectrumCurves;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotScan;
use App\Models\Eyewear\MeterReading;
use App\Text\EyewearWords;
use App\Text\Numbers;
use KeenShadow\Core\Eyewear\Spectrum\Assessment;
use KeenShadow\Core\Eyewear\Spectrum\Clause;
use KeenShadow\Core\Eyewear\Spectrum\ClauseResult;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Eyewear\Spectrum\Scan;

/** The scans of a lot over each other, each held against the clauses. */
final readonly class ScansPage
{
    /**
     * @param list<array{scan: LotScan, name: string, darkness: string, clauses: list<array{name: string, asked: string, outcome: Outcome, measured: string, margin: string}>}> $rows
     * @param list<array{reading: MeterReading, outcome: Outcome, result: string}> $readings of a light meter
     * @param list<string> $among right and left of a pair, and the places of a lens, held against each other
     */
    private function __construct(
        public Lot $lot,
        public array $rows,
        public array $among,
        public array $readings,
        public SpectrumCurves $curves,
    ) {}

    public static function of(Lot $lot): self
    {
        $scans = array_values($lot->scans->all());
        $times = static fn(float $ratio): string => Numbers::decimal($ratio, 2);
        $spectrum = $lot->spectrum();

        return new self(
            $lot,
            array_map(static fn(LotScan $s): array => self::row($s, $s->scan()), $scans),
            [
                ...array_map(static fn(array $of): string => __(':name, right and left: :ratio times as much light through one as through the other, at most :most; :outcome.', ['name' => $of['name'], 'ratio' => $times($of['ratio']), 'most' => Clause::MOST_RIGHT_LEFT, 'outcome' => EyewearWords::outcome($of['outcome'])]), $spectrum->rightLeft()),
                ...array_map(static fn(array $of): string => __(':name, :lens, place by place: :ratio times as much light through the lightest as through the darkest, at most :most; :outcome.', ['name' => $of['name'], 'lens' => EyewearWords::lens($of['lens']), 'ratio' => $times($of['ratio']), 'most' => Clause::MOST_UNEVEN, 'outcome' => EyewearWords::outcome($of['outcome'])]), $spectrum->evenness()),
            ],
            array_values(array_map(static fn(MeterReading $r): array => ['reading' => $r, 'outcome' => $r->meter()->outcome(), 'result' => MeterAnswer::of($r->meter())->result], $lot->meterReadings->all())),
            SpectrumCurves::of(array_combine(array_map(static fn(LotScan $s): string => self::name($s), $scans), array_map(static fn(LotScan $s): Scan => $s->scan(), $scans))),
        );
    }

    /** @return array{scan: LotScan, name: string, darkness: string, clauses: list<array{name: string, asked: string, outcome: Outcome, measured: string, margin: string}>} */
    private static function row(LotScan $stored, Scan $scan): array
    {
        $assessment = Assessment::of($scan);

        return [
            'scan' => $stored,
            'name' => self::name($stored),
            'darkness' => $assessment->shade() === null ? '–' : __('OD :density, shade :shade', ['density' => Numbers::decimal((float) $assessment->opticalDensity(), 2), 'shade' => Numbers::decimal($assessment->shade(), 1)]),
            'clauses' => array_map(self::clause(...), ClauseResult::of($scan)),
        ];
    }

    /** @return array{name: string, asked: string, outcome: Outcome, measured: string, margin: string} */
    private static function clause(ClauseResult $result): array
    {
        $percent = static fn(float $t): string => Numbers::about(100 * $t, 3) . ' %';
        $m = $result->measured;
        $margin = $result->margin();

        return [
            'name' => EyewearWords::clause($result->clause),
            'asked' => match (true) {
                $result->limit === null => __('not above the luminous transmittance'),
                $result->clause === Clause::Luminous => __('from :least to :most', ['least' => $percent(Clause::LEAST_LUMINOUS), 'most' => $percent($result->limit)]),
                default => __('at most :most', ['most' => $percent($result->limit)]),
            },
            'outcome' => $result->outcome,
            'measured' => match (true) {
                $m === null => __('not reached'),
                $result->clause === Clause::Luminous => $percent($m['mean']),
                default => __('from :least to :most, mean :mean, weighted with the Sun :weighted', ['least' => $percent($m['least']), 'most' => $percent($m['most']), 'mean' => $percent($m['mean']), 'weighted' => $percent($m['weighted'])]),
            },
            'margin' => match (true) {
                $margin === null => '–',
                $margin >= 1.0 => __(':times times inside', ['times' => Numbers::about($margin, 3)]),
                default => __(':times times outside', ['times' => Numbers::about(1 / $margin, 3)]),
            },
        ];
    }

    private static function name(LotScan $scan): string
    {
        return "{$scan->name}, " . EyewearWords::lens($scan->lens) . " · {$scan->id}";
    }
}
