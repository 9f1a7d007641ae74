<?php

declare(strict_types=1);

namespace App\Exports\Logbook;

use App\Exports\PlainPdf;
use App\Exports\SheetPaper;
use App\Models\Event;
use App\Text\Clock;
use App\Text\Days;
use App\Text\Numbers;
use App\Text\ObservationWords;
use App\Text\SkyWords;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Sky\LocalEclipse;

/** A sheet to write observations on, with this site's times: lines at even steps for what is measured, contacts marked, blank ones for what happens when it happens. */
final class ObservationSheet
{
    private const BLANK_LINES = 18;
    /** So long before the eclipse and after it what is measured is read as well. */
    private const BESIDE = '30 minutes';

    public static function pdf(Event $event, LocalEclipse $here, ObservationKind $kind, SheetPaper $paper): string
    {
        $clock = Clock::over($here);

        return PlainPdf::of(view('logbook.observation-sheet', [
            'event' => $event,
            'day' => Days::full($here->local($here->circumstances->maximum->time())),
            'zone' => $clock->zone(),
            'name' => ObservationWords::kind($kind),
            'unit' => ObservationWords::unit($kind),
            'how' => ObservationWords::how($kind),
            'contacts' => self::contacts($here, $clock),
            'lines' => self::lines($here, $kind, $clock),
        ])->render(), $paper->value);
    }

    /** @return list<string> those that are seen */
    private static function contacts(LocalEclipse $here, Clock $clock): array
    {
        $lines = [];
        foreach ($here->circumstances->contacts() as $contact) {
            if ($contact->view->isSunUp()) {
                $lines[] = SkyWords::contact($contact->name) . ' ' . $clock->second($contact->time());
            }
        }

        return $lines;
    }

    /** @return list<array{time: string, covered: string}> blank where it is written when it happens */
    private static function lines(LocalEclipse $here, ObservationKind $kind, Clock $clock): array
    {
        $everyMin = $kind->everyMinutes();
        if ($everyMin === null) {
            return array_fill(0, self::BLANK_LINES, ['time' => '', 'covered' => '']);
        }
        $lines = [];
        $step = 60 * $everyMin;
        $second = $step * (int) ceil((int) $here->begins()->modify('-' . self::BESIDE)->format('U') / $step);
        for ($to = (int) $here->ends()->modify('+' . self::BESIDE)->format('U'); $second <= $to; $second += $step) {
            $at = new DateTimeImmutable("@{$second}");
            $view = $here->at($at);
            $lines[] = ['time' => $clock->minute($at), 'covered' => $view->isSunUp() ? __(':n %', ['n' => Numbers::percent($view->obscuration())]) : __('Sun down')];
        }

        return $lines;
    }
}
