<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\RunSheet\WrittenSheet;
use App\Text\Clock;
use App\Text\CueWords;
use App\Text\Days;
use App\Text\FilterWords;
use Dompdf\Dompdf;
use Dompdf\Options;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** A run sheet for the wall, as PDF, in black on white. */
final class WallSheet
{
    public static function pdf(WrittenSheet $sheet, WallPaper $paper): string
    {
        $clock = Clock::over($sheet->here);
        $rows = array_map(static fn(PlacedCue $p): array => [
            'time' => $p->begins === null ? '—' : CueWords::time($p->cue->kind, $p->begins, $clock),
            'name' => $p->cue->name,
            'kind' => CueWords::kind($p->cue->kind),
            'call' => $p->cue->call,
            'crew' => $p->cue->crew,
            'who' => implode(', ', array_filter([$p->cue->who, $p->cue->where], static fn(string $text): bool => $text !== '')),
            'notes' => array_map(static fn($note): string => CueWords::note($note, $p, $clock), $p->notes),
            'isFilters' => false,
        ], $sheet->cues);
        $dompdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans']));
        $dompdf->setPaper($paper->value);
        $dompdf->loadHtml(view('runsheet.wall', [
            'event' => $sheet->event,
            'day' => Days::full($sheet->here->local($sheet->here->circumstances->maximum->time())),
            'zone' => $clock->zone(),
            'caution' => FilterWords::caution($sheet->filters, $clock),
            'letterPt' => $paper->letterPt(),
            'rows' => self::withFilters($rows, $sheet, $clock),
        ])->render());
        $dompdf->render();

        return $dompdf->output();
    }

    /**
     * The two moments of the filters among the cues, in order of time.
     *
     * @param list<array{time: string, name: string, kind: string, call: string, crew: string, who: string, notes: list<string>, isFilters: bool}> $rows
     *
     * @return list<array{time: string, name: string, kind: string, call: string, crew: string, who: string, notes: list<string>, isFilters: bool}>
     */
    private static function withFilters(array $rows, WrittenSheet $sheet, Clock $clock): array
    {
        $times = array_map(static fn(PlacedCue $p): ?float => $p->begins === null ? null : (float) $p->begins->format('U.u'), $sheet->cues);
        foreach ($sheet->filterCues === null ? [] : array_reverse(FilterWords::moments($sheet->filterCues->off, $sheet->filterCues->on, $clock)) as [$label, $moment, $time]) {
            $before = count(array_filter($times, static fn(?float $t): bool => $t !== null && $t <= (float) $moment->format('U.u')));
            array_splice($rows, $before, 0, [['time' => $time, 'name' => $label, 'kind' => CueWords::kind(CueKind::Safety), 'call' => '', 'crew' => '', 'who' => '', 'notes' => [], 'isFilters' => true]]);
        }

        return $rows;
    }
}
