<?php

declare(strict_types=1);

namespace App\Exports\Logbook;

use App\Domain\Event\DayRecord;
use App\Domain\Logbook\LoggedDay;
use App\Exports\CsvLine;
use App\Text\Iso;
use KeenShadow\Core\Sky\LocalEclipse;

/** The log as CSV; see docs/FORMATS.md. */
final class LogTable
{
    public const KEYS = ['time', 'local', 'obscuration', 'altitude_deg', 'kind', 'value', 'words', 'who', 'time_within_s', 'from_paper'];

    public static function csv(LoggedDay $day, LocalEclipse $here): string
    {
        return CsvLine::of(self::KEYS) . implode('', array_map(static fn(DayRecord $r): string => self::line($r, $here), $day->standing));
    }

    private static function line(DayRecord $record, LocalEclipse $here): string
    {
        $view = $here->at($record->at);

        return CsvLine::of([
            Iso::instant($record->at), $here->local($record->at)->format('Y-m-d\TH:i:sP'), round($view->obscuration(), 4), round($view->altitudeDeg(), 2),
            $record->observed ?? ($record->what === '' ? 'note' : $record->what), $record->value, $record->words, $record->who, $record->withinS, $record->isTyped,
        ]);
    }
}
