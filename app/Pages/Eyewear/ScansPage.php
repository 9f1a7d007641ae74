<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Drawings\Eyewear\SpectrumCurves;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotScan;
use App\Text\EyewearWords;
use App\Text\Numbers;
use KeenShadow\Core\Eyewear\Spectrum\Assessment;
use KeenShadow\Core\Eyewear\Spectrum\Band;
use KeenShadow\Core\Eyewear\Spectrum\Clause;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Eyewear\Spectrum\Scan;

/** The scans of a lot over each other, each held against the clauses. */
final readonly class ScansPage
{
    /**
     * @param list<array{scan: LotScan, name: string, darkness: string, clauses: list<array{outcome: Outcome, measured: string}>}> $rows
     * @param string $rightLeft the last right lens beside the last left one; blank while there are not both
     */
    private function __construct(
        public Lot $lot,
        public array $rows,
        public string $rightLeft,
        public SpectrumCurves $curves,
    ) {}

    public static function of(Lot $lot): self
    {
        $scans = array_values($lot->scans->all());
        $both = array_values(array_filter($lot->assessments(), static fn(Assessment $a): bool => $a->rightLeftRatio !== null))[0] ?? null;

        return new self(
            $lot,
            array_map(static fn(LotScan $s): array => self::row($s, $s->scan()), $scans),
            $both === null ? '' : __('Right and left: :ratio times as much light through one as through the other, at most :most; :outcome.', ['ratio' => Numbers::decimal((float) $both->rightLeftRatio, 2), 'most' => Clause::MOST_RIGHT_LEFT, 'outcome' => EyewearWords::outcome($both->clauses[Clause::RightLeft->value])]),
            SpectrumCurves::of(array_combine(array_map(static fn(LotScan $s): string => self::name($s), $scans), array_map(static fn(LotScan $s): Scan => $s->scan(), $scans))),
        );
    }

    /** @return array{scan: LotScan, name: string, darkness: string, clauses: list<array{outcome: Outcome, measured: string}>} */
    private static function row(LotScan $stored, Scan $scan): array
    {
        $assessment = Assessment::of($scan);
        $percent = static fn(?float $t): string => $t === null ? __('not reached') : Numbers::about(100 * $t, 3) . ' %';
        $most = static fn(Band $band): string => __('at most :percent', ['percent' => $percent($scan->over($band)['most'] ?? null)]);

        return [
            'scan' => $stored,
            'name' => self::name($stored),
            'darkness' => $assessment->shade() === null ? '–' : __('OD :density, shade :shade', ['density' => Numbers::decimal((float) $assessment->opticalDensity(), 2), 'shade' => Numbers::decimal($assessment->shade(), 1)]),
            'clauses' => [
                ['outcome' => $assessment->clauses[Clause::Luminous->value], 'measured' => $percent($assessment->luminous)],
                ['outcome' => $assessment->clauses[Clause::Uva->value], 'measured' => $most(Band::Uva)],
                ['outcome' => $assessment->clauses[Clause::Uvb->value], 'measured' => $most(Band::Uvb)],
                ['outcome' => $assessment->clauses[Clause::Infrared->value], 'measured' => $most(Band::Infrared)],
            ],
        ];
    }

    private static function name(LotScan $scan): string
    {
        return "{$scan->name}, " . EyewearWords::lens($scan->lens) . " · {$scan->id}";
    }
}
