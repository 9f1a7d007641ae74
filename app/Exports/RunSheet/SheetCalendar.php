<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\RunSheet\FilterMoment;
use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Exports\Sky\CalendarZone;
use App\Text\Clock;
use App\Text\CueWords;
use App\Text\FilterWords;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;

/**
 * A run sheet as iCalendar (RFC 5545): one entry for each cue and each turn of a group in the event's zone, with alarms, and the
 * moments of the filters. An entry keeps its UID whatever moves; its SEQUENCE rises with every change of the event.
 */
final class SheetCalendar
{
    /** The same for the same sheet: an entry is as old as the last change of its event. */
    public static function of(WrittenSheet $sheet, ?WrittenRota $rota): string
    {
        $now = $sheet->event->updated_at ?? $sheet->here->begins();
        $calendar = new VCalendar(['PRODID' => '-//Keen Shadow//Run sheet//EN', 'X-WR-CALNAME' => $sheet->event->title]);
        $times = array_filter(array_map(static fn($placed): ?DateTimeImmutable => $placed->begins, $sheet->cues));
        CalendarZone::add($calendar, $sheet->here->zone, min([$sheet->here->begins(), ...$times]), max([$sheet->here->ends(), ...$times]));
        $clock = $sheet->clock;
        foreach ($sheet->cues as $placed) {
            if ($placed->begins !== null && $placed->ends !== null) {
                $cue = $placed->cue;
                $notes = array_map(static fn($note): string => CueWords::note($note, $placed, $clock), $placed->notes);
                self::add($calendar, $sheet, $now, "cue-{$cue->id}{$sheet->ending}", $cue->name, [$placed->begins, $placed->ends], $cue->where, [CueWords::hangs($cue), $cue->who, $cue->crew, $cue->call === '' ? '' : "“{$cue->call}”", ...$notes]);
            }
        }
        foreach (FilterMoment::allOf($sheet->filterCues, $clock) as $moment) {
            self::add($calendar, $sheet, $now, "{$moment->id}-{$sheet->event->uuid}{$sheet->ending}", "{$moment->name} ({$moment->time})", [$moment->at, $moment->at], '', [FilterWords::caution($sheet->filters, $clock)], isCut: true);
        }

        foreach ($rota->turns ?? [] as $turn) {
            self::add($calendar, $sheet, $now, "turn-{$turn->id}-{$sheet->event->uuid}", "{$turn->who}: {$turn->station}", [$turn->from, $turn->to], $turn->place, []);
        }

        return $calendar->serialize();
    }

    /**
     * @param array{DateTimeImmutable, DateTimeImmutable} $span
     * @param list<string> $lines of the description; empty ones are left out
     * @param bool $isCut whether seconds are cut rather than rounded
     */
    private static function add(VCalendar $calendar, WrittenSheet $sheet, DateTimeImmutable $now, string $uid, string $name, array $span, string $where, array $lines, bool $isCut = false): void
    {
        [$begins, $ends] = array_map(static fn(DateTimeImmutable $t): DateTimeImmutable => $sheet->here->local($isCut ? $t : Clock::nearestSecond($t)), $span);
        $calendar->add(CalendarEntry::of($calendar, $sheet->event, $now, $uid, $name, [$begins, $ends], $where, $lines));
    }
}
