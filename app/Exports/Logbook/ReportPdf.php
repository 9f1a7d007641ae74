<?php

declare(strict_types=1);

namespace App\Exports\Logbook;

use App\Domain\Event\EventFacts;
use App\Domain\Logbook\Measured;
use App\Domain\Logbook\ReportFacts;
use App\Drawings\Event\ShadowRibbon;
use App\Drawings\Logbook\MeasuredCurves;
use App\Exports\PlainPdf;
use App\Exports\SheetPaper;
use App\Models\Logbook\EventReport;
use App\Models\Logbook\LogPicture;
use App\Text\Clock;
use App\Text\Days;
use DateTimeImmutable;

/** The report of an event as PDF. */
final class ReportPdf
{
    private const WIDTH = 1000;
    private const HEIGHT = 260;
    /** Room for the scale's numbers and the ribbon's times. */
    private const MARGIN = 40;

    /**
     * @param list<Measured> $instruments
     * @param list<LogPicture> $pictures
     */
    public static function of(EventFacts $facts, ReportFacts $report, EventReport $words, array $instruments, array $pictures, SheetPaper $paper, DateTimeImmutable $now): string
    {
        $ribbon = ShadowRibbon::of($facts->here, [], $now);
        $clock = Clock::over($facts->here);

        return PlainPdf::of(view('logbook.report-paper', [
            'event' => $facts->event,
            'day' => Days::full($facts->here->local($facts->here->circumstances->maximum->time())),
            'zone' => $clock->zone(),
            'report' => $report,
            'words' => $words,
            'pictures' => array_map(static fn(LogPicture $p): array => ['caption' => $p->caption, 'image' => "data:{$p->stored->media_type};base64," . base64_encode($p->stored->content())], $pictures),
            'curves' => array_map(static fn(array $strip): array => ['name' => $strip['name'], 'legend' => $strip['legend'], 'image' => 'data:image/svg+xml;base64,' . base64_encode(self::svg($strip, $ribbon))], MeasuredCurves::of($instruments, $ribbon)->strips),
        ])->render(), $paper->value);
    }

    /**
     * A strip of curves as a picture of its own, black on white: dompdf knows no style sheet in it.
     *
     * @param array{name: string, legend: string, lines: list<array{index: int, paths: list<string>}>, guides: list<array{index: int, paths: list<string>}>, lowest: list<array{index: int, x: float}>, ticks: list<\App\Drawings\Tick>} $strip
     */
    private static function svg(array $strip, ShadowRibbon $ribbon): string
    {
        [$width, $height, $margin] = [self::WIDTH, self::HEIGHT, self::MARGIN];
        $x = static fn(float $percent): float => round($margin + $percent / 100 * ($width - $margin), 1);
        $y = static fn(float $percent): float => round($margin / 2 + $percent / 100 * ($height - $margin), 1);
        $parts = [];
        foreach ($strip['ticks'] as $tick) {
            $parts[] = "<line x1=\"{$margin}\" x2=\"{$width}\" y1=\"{$y($tick->at)}\" y2=\"{$y($tick->at)}\" stroke=\"#bbb\" stroke-width=\"1\"/><text x=\"0\" y=\"{$y($tick->at)}\" font-size=\"15\" font-family=\"DejaVu Sans\">{$tick->label}</text>";
        }
        foreach ($ribbon->contacts as $mark) {
            $parts[] = "<line x1=\"{$x($mark->xPercent)}\" x2=\"{$x($mark->xPercent)}\" y1=\"{$y(0)}\" y2=\"{$y(100)}\" stroke=\"#777\" stroke-width=\"1\"/><text x=\"{$x($mark->xPercent)}\" y=\"" . ($height - 3) . "\" font-size=\"15\" font-family=\"DejaVu Sans\">{$mark->label}</text>";
        }
        foreach ($strip['lowest'] as $mark) {
            $parts[] = "<line x1=\"{$x($mark['x'])}\" x2=\"{$x($mark['x'])}\" y1=\"{$y(0)}\" y2=\"{$y(100)}\" stroke=\"#000\" stroke-width=\"1.5\"/>";
        }
        foreach (['guides' => 'stroke="#777" stroke-dasharray="5"', 'lines' => 'stroke="#000"'] as $kind => $stroke) {
            foreach ($strip[$kind] as $line) {
                foreach ($line['paths'] as $path) {
                    $points = implode(' ', array_map(static fn(string $point): string => $x((float) explode(',', $point)[0]) . ',' . $y((float) explode(',', $point)[1]), explode(' ', $path)));
                    $parts[] = "<polyline points=\"{$points}\" fill=\"none\" {$stroke} stroke-width=\"" . ($line['index'] % 2 === 1 ? 3 : 1.5) . '"/>';
                }
            }
        }

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}\" height=\"{$height}\" viewBox=\"0 0 {$width} {$height}\">" . implode('', $parts) . '</svg>';
    }
}
